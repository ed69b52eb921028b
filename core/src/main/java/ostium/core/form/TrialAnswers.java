package ostium.core.form;

import ostium.core.base.Messages;

/** Answers that say they are a test, and can be sent. */
final class TrialAnswers {
    private static final Messages WORDS = Messages.of("form");
    private static final String DAY = "2030-01-01";

    private TrialAnswers() {}

    static String to(Field field, String email, String telephone) {
        return switch (field.kind()) {
            case REACH, EMAIL -> email;
            case TELEPHONE -> telephone;
            case CHOICE, SEVERAL, YES_NO -> field.choices().get(0);
            case LONG -> WORDS.say("trial.long");
            case DATE -> DAY;
            case CONSENT -> Field.YES;
            case FILES -> WORDS.say("trial.files");
            case SHORT, NAME, PLACE -> WORDS.say("trial.short");
        };
    }
}
