package ostium.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import ostium.core.form.Field;
import ostium.core.form.FieldKind;
import ostium.core.form.FormPurpose;
import ostium.core.form.FormSetup;

/** What a form can be. */
final class FormLimits {
    private static final int LONGEST_LABEL = 200;
    private static final int LONGEST_HELP = 200;
    private static final int LONGEST_OPTION = 100;
    private static final int MOST_OPTIONS = 40;

    private FormLimits() {}

    /** @throws EditRefused in words for the owner */
    static void check(FormSetup form, FormPurpose purpose) {
        if (form.fields().size() > FormSetup.MOST_FIELDS) {
            throw refused("form.many", FormSetup.MOST_FIELDS);
        }
        if (form.fields().stream().noneMatch(field -> field.kind().reaches())) {
            throw refused("form.noReach");
        }
        if (form.thanks().length() > FormSetup.LONGEST_THANKS) {
            throw refused("form.thanks", FormSetup.LONGEST_THANKS, form.thanks().length());
        }
        if (purpose == FormPurpose.LIST && !asksBoth(form)) {
            throw refused("form.list");
        }
        List<Field> before = new ArrayList<>();
        for (Field field : form.fields()) {
            if (!purpose.kinds().contains(field.kind())) {
                throw refused("form.kind", field.label());
            }
            check(field, before);
            before.add(field);
        }
    }

    /** Whether nobody comes on a list without an address and an agreement. */
    private static boolean asksBoth(FormSetup form) {
        return Stream.of(FieldKind.EMAIL, FieldKind.CONSENT)
                .allMatch(kind -> form.fields().stream().anyMatch(field -> field.kind() == kind && field.required()));
    }

    private static void check(Field field, List<Field> before) {
        if (!field.key().matches("[a-z][a-z0-9-]{0,39}")
                || List.of("website", "submission", "form").contains(field.key())
                || before.stream().anyMatch(each -> each.key().equals(field.key()))) {
            throw refused("form.key");
        }
        field.kind().key().filter(key -> !key.equals(field.key())).ifPresent(key -> {
            throw refused("form.once", field.label());
        });
        if (field.label().isEmpty()) {
            throw refused("form.label");
        }
        if (field.label().length() > LONGEST_LABEL || field.help().length() > LONGEST_HELP) {
            throw refused("form.words", LONGEST_LABEL);
        }
        if (field.kind().hasOptions()) {
            options(field);
        }
        if (field.condition() != null) {
            condition(field, before);
        }
    }

    private static void options(Field field) {
        List<String> options = field.options();
        if (options.size() < 2 || options.size() > MOST_OPTIONS) {
            throw refused("form.options", field.label(), MOST_OPTIONS);
        }
        if (options.stream().anyMatch(option -> option.isEmpty() || option.length() > LONGEST_OPTION)
                || options.stream().distinct().count() != options.size()) {
            throw refused("form.option", field.label(), LONGEST_OPTION);
        }
    }

    private static void condition(Field field, List<Field> before) {
        boolean hangs = before.stream()
                .filter(each -> each.key().equals(field.condition().key()))
                .filter(each -> each.kind().decides())
                .anyMatch(each -> each.choices().contains(field.condition().answer()));
        if (!hangs || !field.kind().canHang()) {
            throw refused("form.condition", field.label());
        }
    }

    private static EditRefused refused(String key, Object... gaps) {
        return EditRefused.saying(key, gaps);
    }
}
