package ostium.core.enquiry;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import ostium.core.base.Messages;
import ostium.core.brief.Brief;
import ostium.core.fact.EmailAddress;
import ostium.core.fact.Facts;
import ostium.core.fact.Telephone;
import ostium.core.trade.Trade;

/**
 * A list of fields, and the one check that the page and the server share.
 *
 * @param fields in order, keys unique
 * @param words what is said of faults and after sending, by key of {@code messages/en/form.properties}; kept with the form, so
 *     that one that was published answers as it did then
 */
public record Form(List<Field> fields, Map<String, String> words) {
    private static final Messages WORDS = Messages.of("form");

    /** What kind of answer a field takes. */
    public enum Kind {
        SHORT,
        LONG,
        CHOICE,
        /** A telephone number or a mail address: the way to reach the visitor. */
        REACH
    }

    /**
     * One field.
     *
     * @param key name in the posted form
     * @param longest most characters, NFC
     * @param options for {@link Kind#CHOICE}
     */
    public record Field(String key, String label, Kind kind, boolean required, int longest, List<String> options) {
        public Field {
            options = List.copyOf(options);
        }
    }

    /** A form with the words of today. */
    public Form(List<Field> fields) {
        this(fields, WORDS.all());
    }

    public Form {
        fields = List.copyOf(fields);
        words = new TreeMap<>(words);
        if (fields.stream().map(Field::key).distinct().count() != fields.size()) {
            throw new IllegalArgumentException("two fields share a key");
        }
    }

    /** A form to start with: who, how to reach them, what the trade needs to know, and a message. */
    public static Form of(Brief brief) {
        List<Field> fields = new ArrayList<>();
        fields.add(new Field("name", WORDS.say("name.label"), Kind.SHORT, true, 120, List.of()));
        fields.add(new Field("reach", WORDS.say("reach.label"), Kind.REACH, true, 254, List.of()));
        List<String> services = brief.services().stream()
                .map(fact -> fact.value().name())
                .distinct()
                .toList();
        if (services.size() > 1) {
            fields.add(new Field("service", WORDS.say("service.label"), Kind.CHOICE, false, 120, services));
        }
        for (Trade.UsualField usual : brief.trade().form()) {
            boolean choice = usual.kind().equals("choice");
            fields.add(new Field(
                    "about-" + usual.key(),
                    usual.label(),
                    choice ? Kind.CHOICE : Kind.SHORT,
                    false,
                    200,
                    usual.options()));
        }
        fields.add(new Field("message", WORDS.say("message.label"), Kind.LONG, true, 4000, List.of()));
        return new Form(fields);
    }

    /**
     * A message that tries this form out: it says that it is one, and can be sent.
     *
     * @param reach where whoever tries it is reached
     */
    public Map<String, List<String>> trial(String reach) {
        Map<String, List<String>> posted = new LinkedHashMap<>();
        for (Field field : fields) {
            posted.put(
                    field.key(),
                    List.of(
                            switch (field.kind()) {
                                case REACH -> reach;
                                case CHOICE -> field.options().get(0);
                                case LONG -> WORDS.say("trial.long");
                                case SHORT -> WORDS.say("trial.short");
                            }));
        }
        return posted;
    }

    /**
     * What came of a posted form.
     *
     * @param values what was typed, by key, trimmed, for every field of the form
     * @param faults what is wrong, by key, in words for the visitor; empty when the form can be taken
     * @param unknown names that are not fields of this form
     */
    public record Checked(Map<String, String> values, Map<String, String> faults, Set<String> unknown) {
        public boolean accepted() {
            return faults.isEmpty() && unknown.isEmpty();
        }
    }

    /**
     * Checks a posted form.
     *
     * @param posted every name with all its values, as they came
     * @param region ISO 3166 country, for telephone numbers
     */
    public Checked check(Map<String, List<String>> posted, String region) {
        Map<String, String> values = new LinkedHashMap<>();
        Map<String, String> faults = new LinkedHashMap<>();
        for (Field field : fields) {
            List<String> sent = posted.getOrDefault(field.key(), List.of());
            String value = sent.isEmpty() ? "" : clean(sent.get(0));
            values.put(field.key(), value);
            String fault = sent.size() > 1 ? say("fault.twice") : fault(field, value, region);
            if (fault != null) {
                faults.put(field.key(), fault);
            }
        }
        Set<String> unknown = new java.util.TreeSet<>(posted.keySet());
        fields.forEach(field -> unknown.remove(field.key()));
        return new Checked(values, faults, unknown);
    }

    private String fault(Field field, String value, String region) {
        if (value.isEmpty()) {
            if (!field.required()) {
                return null;
            }
            return switch (field.kind()) {
                case REACH -> say("fault.reach.empty");
                case LONG -> say("fault.long.empty");
                case CHOICE -> say("fault.choice.empty");
                case SHORT -> field.key().equals("name") ? say("fault.name.empty") : say("fault.empty");
            };
        }
        if (value.codePointCount(0, value.length()) > field.longest()) {
            return say("fault.tooLong", field.longest(), value.codePointCount(0, value.length()));
        }
        return switch (field.kind()) {
            case CHOICE -> field.options().contains(value) ? null : say("fault.choice");
            case REACH -> reachable(value, region) ? null : say("fault.reach");
            case SHORT, LONG -> null;
        };
    }

    private static boolean reachable(String value, String region) {
        return EmailAddress.read(value).value().isPresent()
                || Telephone.read(value, region).value().isPresent();
    }

    /** NFC, line ends as {@code \n}, no control characters, trimmed. */
    private static String clean(String value) {
        return java.text.Normalizer.normalize(value, java.text.Normalizer.Form.NFC)
                .replaceAll("\\r\\n?", "\n")
                .replaceAll("[\\p{Cntrl}&&[^\\n\\t]]", "")
                .strip();
    }

    /**
     * The words after sending. They promise an answer only as the owner does, and name no way of answering that the
     * form did not ask for.
     */
    public String thanks(Facts facts) {
        String name = facts.say("name", "").orElse(say("thanks.business"));
        return facts.all(ostium.core.fact.FactValue.AnswerPromise.class).stream()
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
