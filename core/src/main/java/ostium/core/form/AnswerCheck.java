package ostium.core.form;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import ostium.core.fact.EmailAddress;
import ostium.core.fact.Telephone;

/** What an answer to a field is, and what is wrong with it. */
final class AnswerCheck {
    private final Form form;
    private final String region;

    /** @param region ISO 3166 country, for telephone numbers */
    AnswerCheck(Form form, String region) {
        this.form = form;
        this.region = region;
    }

    /** The answer as it is kept. */
    String answer(Field field, List<String> sent) {
        if (field.kind() == FieldKind.CONSENT) {
            // What was agreed to is kept in the words it had then.
            return sent.isEmpty() || sent.get(0).isEmpty() ? "" : field.label();
        }
        return field.kind().takesSeveral()
                ? String.join(
                        ", ", sent.stream().filter(each -> !each.isEmpty()).toList())
                : sent.isEmpty() ? "" : sent.get(0);
    }

    Optional<String> fault(Field field, List<String> sent) {
        if (sent.size() > 1 && !field.kind().takesSeveral()) {
            return Optional.of(form.say("fault.twice"));
        }
        String value = answer(field, sent);
        if (value.isEmpty()) {
            return field.required() ? Optional.of(empty(field)) : Optional.empty();
        }
        int length = value.codePointCount(0, value.length());
        if (length > field.longest()) {
            return Optional.of(form.say("fault.tooLong", field.longest(), length));
        }
        return wrong(field, sent, value).map(form::say);
    }

    private String empty(Field field) {
        return switch (field.kind()) {
            case REACH -> form.say("fault.reach.empty");
            case LONG -> form.say("fault.long.empty");
            case CHOICE, SEVERAL, YES_NO -> form.say("fault.choice.empty");
            case EMAIL -> form.say("fault.email.empty");
            case TELEPHONE -> form.say("fault.telephone.empty");
            case DATE -> form.say("fault.date.empty");
            case CONSENT -> form.say("fault.consent.empty");
            case NAME -> form.say("fault.name.empty");
            case FILES -> form.say("fault.files.empty");
            case PLACE -> form.say("fault.empty");
            case SHORT -> form.say(field.key().equals("name") ? "fault.name.empty" : "fault.empty");
        };
    }

    /** Key of what is wrong; empty when nothing is. */
    private Optional<String> wrong(Field field, List<String> sent, String value) {
        boolean right = switch (field.kind()) {
            case CHOICE, YES_NO -> field.choices().contains(value);
            case SEVERAL -> sent.stream().filter(each -> !each.isEmpty()).allMatch(field.options()::contains);
            case REACH -> isMail(value) || isTelephone(value);
            case EMAIL -> isMail(value);
            case TELEPHONE -> isTelephone(value);
            case DATE -> isDate(value);
            default -> true;
        };
        if (right) {
            return Optional.empty();
        }
        return Optional.of(
                switch (field.kind()) {
                    case REACH -> "fault.reach";
                    case EMAIL -> "fault.email";
                    case TELEPHONE -> "fault.telephone";
                    case DATE -> "fault.date";
                    default -> "fault.choice";
                });
    }

    private static boolean isMail(String value) {
        return EmailAddress.read(value).value().isPresent();
    }

    private boolean isTelephone(String value) {
        return Telephone.read(value, region).value().isPresent();
    }

    private static boolean isDate(String value) {
        try {
            int year = LocalDate.parse(value).getYear();
            return year >= 1900 && year < 2200;
        } catch (DateTimeException e) {
            return false;
        }
    }
}
