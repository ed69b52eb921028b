package ostium.core.enquiry;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import ostium.core.base.Listing;
import ostium.core.base.Messages;
import ostium.core.brief.Brief;
import ostium.core.form.Field;
import ostium.core.form.FieldKind;
import ostium.core.form.Form;

/** The form a site begins with: who, how to reach them, what the trade needs to know, and a message. */
public final class StartingForm {
    private static final Messages WORDS = Messages.of("form");

    private static final int TELLING = 4;

    /** Words that any question may have. */
    private static final Set<String> SMALL = Set.of(
            "about", "been", "before", "done", "from", "have", "like", "many", "much", "need", "that", "them", "there",
            "they", "this", "what", "when", "where", "whether", "which", "whom", "with", "would", "you", "your");

    private StartingForm() {}

    public static Form of(Brief brief) {
        List<Field> fields = begun(brief);
        fields.addAll(usual(brief));
        fields.add(message(help(brief, fields)));
        return new Form(fields);
    }

    /** What the trade needs to know. */
    static List<Field> usual(Brief brief) {
        return brief.trade().form().stream()
                .map(usual -> field(
                        usual.kind().equals("choice") ? FieldKind.CHOICE : FieldKind.SHORT,
                        "about-" + usual.key(),
                        usual.label(),
                        false,
                        usual.options()))
                .toList();
    }

    /** What is worth telling in this trade, as far as no field asks for it. */
    private static String help(Brief brief, List<Field> asked) {
        List<String> tell = brief.trade().speech().tell().stream()
                .filter(each ->
                        asked.stream().noneMatch(field -> !Collections.disjoint(telling(field.label()), telling(each))))
                .map(brief.voice()::say)
                .toList();
        return tell.isEmpty() ? "" : WORDS.say("message.help", Listing.and(tell));
    }

    /** The beginnings of the words that say what something is about. */
    private static Set<String> telling(String words) {
        return Arrays.stream(words.toLowerCase(Locale.ROOT).split("[^\\p{L}]+"))
                .filter(word -> word.length() >= TELLING && !SMALL.contains(word))
                .map(word -> word.substring(0, TELLING))
                .collect(Collectors.toSet());
    }

    /** What an owner writes down of somebody who rang or came by. */
    public static Form writtenDown(Brief brief) {
        List<Field> fields = begun(brief);
        fields.add(message(""));
        return new Form(fields);
    }

    private static List<Field> begun(Brief brief) {
        List<Field> fields = new ArrayList<>(List.of(name(), reach()));
        fields.addAll(services(brief));
        return fields;
    }

    static Field name() {
        return field(FieldKind.NAME, "name", WORDS.say("name.label"), true, List.of());
    }

    static Field reach() {
        return field(FieldKind.REACH, "reach", WORDS.say("reach.label"), true, List.of());
    }

    /** Which service it is about; nothing where there is only one. */
    static List<Field> services(Brief brief) {
        List<String> services = brief.services().stream()
                .map(fact -> fact.value().name())
                .distinct()
                .toList();
        return services.size() > 1
                ? List.of(field(FieldKind.CHOICE, "service", WORDS.say("service.label"), false, services))
                : List.of();
    }

    private static Field message(String help) {
        FieldKind kind = FieldKind.LONG;
        return new Field("message", WORDS.say("message.label"), help, kind, true, kind.longest(), List.of(), null);
    }

    static Field field(FieldKind kind, String key, String label, boolean required, List<String> options) {
        return new Field(key, label, "", kind, required, kind.longest(), options, null);
    }
}
