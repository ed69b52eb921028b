package ostium.core.form;

import java.text.Normalizer;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import ostium.core.base.Messages;
import ostium.core.fact.FactValue;
import ostium.core.fact.Facts;

/**
 * A list of fields, and the one check that the page and the server share.
 *
 * @param fields in order, keys unique
 * @param words what is said of faults and after sending, by key of {@code messages/en/form.properties}; kept with the form, so
 *     that one that was published answers as it did then
 * @param thanks the owner's words after sending; empty for those made from the fields
 * @param confirms whether whoever leaves a mail address is told by mail that the message has come
 * @param purpose what it is for
 */
public record Form(
        List<Field> fields, Map<String, String> words, String thanks, Boolean confirms, FormPurpose purpose) {
    private static final Messages WORDS = Messages.of("form");

    /** A form for messages with the words of today. */
    public Form(List<Field> fields) {
        this(fields, FormPurpose.ENQUIRY);
    }

    /** A form with the words of today. */
    public Form(List<Field> fields, FormPurpose purpose) {
        this(fields, WORDS.all(), "", false, purpose);
    }

    /** As its owner has set it up, with the words of today. */
    public static Form of(FormSetup setup, FormPurpose purpose) {
        return new Form(setup.fields(), WORDS.all(), setup.thanks(), setup.confirms(), purpose);
    }

    public Form {
        fields = List.copyOf(fields);
        words = new TreeMap<>(words);
        thanks = thanks == null ? "" : thanks;
        // A form that was published before it could be said does not confirm.
        confirms = confirms != null && confirms;
        // One that was published before there were others is for messages.
        purpose = purpose == null ? FormPurpose.ENQUIRY : purpose;
        if (fields.stream().map(Field::key).distinct().count() != fields.size()) {
            throw new IllegalArgumentException("two fields share a key");
        }
    }

    /** Its field for photographs and PDFs. */
    public Optional<Field> filesField() {
        return fields.stream().filter(field -> field.kind() == FieldKind.FILES).findFirst();
    }

    /** It as its owner would set it up to be the same. */
    public FormSetup setup() {
        return new FormSetup(fields, thanks, confirms);
    }

    /**
     * A message that tries this form out: it says that it is one, and can be sent.
     *
     * @param email where whoever tries it is reached
     * @param telephone likewise
     */
    public Map<String, List<String>> trial(String email, String telephone) {
        Map<String, List<String>> posted = new LinkedHashMap<>();
        Map<String, String> answers = new LinkedHashMap<>();
        for (Field field : fields) {
            if (field.isAsked(answers)) {
                String answer = TrialAnswers.to(field, email, telephone);
                posted.put(field.key(), List.of(answer));
                answers.put(field.key(), answer);
            }
        }
        return posted;
    }

    /**
     * What came of a posted form.
     *
     * @param values what was answered, by key, trimmed, for every field of the form; several answers with commas between
     * @param typed what was typed, by key, as it is put back into the fields
     * @param faults what is wrong, by key, in words for the visitor; empty when the form can be taken
     * @param unknown names that are not fields of this form
     */
    public record Checked(
            Map<String, String> values,
            Map<String, List<String>> typed,
            Map<String, String> faults,
            Set<String> unknown) {
        public boolean accepted() {
            return faults.isEmpty() && unknown.isEmpty();
        }

        /** With one more thing that is wrong. */
        public Checked faulty(String key, String fault) {
            Map<String, String> all = new LinkedHashMap<>(faults);
            all.put(key, fault);
            return new Checked(values, typed, all, unknown);
        }
    }

    /**
     * Checks a posted form. A field that is not asked, given the answers before it, is not answered either.
     *
     * @param posted every name with all its values, as they came
     * @param region ISO 3166 country, for telephone numbers
     */
    public Checked check(Map<String, List<String>> posted, String region) {
        Map<String, String> values = new LinkedHashMap<>();
        Map<String, List<String>> typed = new LinkedHashMap<>();
        Map<String, String> faults = new LinkedHashMap<>();
        AnswerCheck check = new AnswerCheck(this, region);
        for (Field field : fields) {
            List<String> sent = posted.getOrDefault(field.key(), List.of()).stream()
                    .map(Form::clean)
                    .toList();
            typed.put(field.key(), sent);
            if (!field.isAsked(values)) {
                values.put(field.key(), "");
                continue;
            }
            values.put(field.key(), check.answer(field, sent));
            check.fault(field, sent).ifPresent(fault -> faults.put(field.key(), fault));
        }
        Set<String> unknown = new TreeSet<>(posted.keySet());
        fields.forEach(field -> unknown.remove(field.key()));
        return new Checked(values, typed, faults, unknown);
    }

    /** NFC, line ends as {@code \n}, no control characters, trimmed. */
    private static String clean(String value) {
        return Normalizer.normalize(value, Normalizer.Form.NFC)
                .replaceAll("\\r\\n?", "\n")
                .replaceAll("[\\p{Cntrl}&&[^\\n\\t]]", "")
                .strip();
    }

    /**
     * The words after sending: the owner's, or words that promise an answer only as the owner does, and name no way of
     * answering that the form did not ask for.
     */
    public String thanks(Facts facts) {
        if (!thanks.isEmpty()) {
            return thanks;
        }
        String name = facts.say("name", "").orElse(say("thanks.business"));
        if (purpose == FormPurpose.LIST) {
            return say("thanks.list");
        }
        return facts.all(FactValue.AnswerPromise.class).stream()
                .findFirst()
                .map(promise -> say("thanks.promise", name, promise.value().words()))
                .orElse(say("thanks", name));
    }

    /** One of its words. */
    public String say(String key, Object... gaps) {
        String kept = words.get(key);
        return kept == null ? WORDS.say(key, gaps) : Messages.filled(kept, gaps);
    }

    /** What stands above the form when it is shown again. */
    public String notSent(int faults) {
        return faults == 1 ? say("notSent.one") : say("notSent.many", faults);
    }
}
