package ostium.core.enquiry;

import java.util.ArrayList;
import java.util.List;
import ostium.core.base.Messages;
import ostium.core.brief.Brief;
import ostium.core.form.Field;
import ostium.core.form.FieldKind;
import ostium.core.form.Form;
import ostium.core.trade.Trade;

/** The form a site begins with: who, how to reach them, what the trade needs to know, and a message. */
public final class StartingForm {
    private static final Messages WORDS = Messages.of("form");

    private StartingForm() {}

    public static Form of(Brief brief) {
        List<Field> fields = begun(brief);
        for (Trade.UsualField usual : brief.trade().form()) {
            boolean choice = usual.kind().equals("choice");
            fields.add(field(
                    choice ? FieldKind.CHOICE : FieldKind.SHORT,
                    "about-" + usual.key(),
                    usual.label(),
                    false,
                    usual.options()));
        }
        fields.add(message());
        return new Form(fields);
    }

    /** What an owner writes down of somebody who rang or came by. */
    public static Form writtenDown(Brief brief) {
        List<Field> fields = begun(brief);
        fields.add(message());
        return new Form(fields);
    }

    private static List<Field> begun(Brief brief) {
        List<Field> fields = new ArrayList<>();
        fields.add(field(FieldKind.NAME, "name", WORDS.say("name.label"), true, List.of()));
        fields.add(field(FieldKind.REACH, "reach", WORDS.say("reach.label"), true, List.of()));
        List<String> services = brief.services().stream()
                .map(fact -> fact.value().name())
                .distinct()
                .toList();
        if (services.size() > 1) {
            fields.add(field(FieldKind.CHOICE, "service", WORDS.say("service.label"), false, services));
        }
        return fields;
    }

    private static Field message() {
        return field(FieldKind.LONG, "message", WORDS.say("message.label"), true, List.of());
    }

    private static Field field(FieldKind kind, String key, String label, boolean required, List<String> options) {
        return new Field(key, label, "", kind, required, kind.longest(), options, null);
    }
}
