package ostium.core.paste;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Predicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ostium.core.base.Reading.Span;
import ostium.core.base.TimeBudget;
import ostium.core.hours.BusinessDay;
import ostium.core.sheet.TypedSheet;

/**
 * Finds facts in plain words: a signature, a flyer, a price list, a text message. What says by its form what it is comes
 * first (mail addresses, links, numbers, hours, prices); names and sentences are looked for in what is left.
 */
final class TextFinder implements Finder {
    /** Longer texts are searched for what has a form of its own only. */
    private static final int MOST_LINES = 6000;

    private static final Pattern FRAGMENT_END = Pattern.compile(
            "\\s+[|•·*★☆✦✔✓➤►»~]+\\s+|(?<=[\\p{L}\\p{N})][.!?]{1,3})(?<!(?iu:\\b(?:dra?|mrs?|ms|prof|st|avda?"
                    + "|min|mins|std|hrs?|approx|ca|inc|incl|zzgl|\\p{L})\\.))"
                    + "\\s+(?=\\S)");

    private static final Pattern PIECE_END = Pattern.compile("[,;:]\\s+|\\s+[–—-]\\s+|\\s{2,}");

    private final Words words;
    private final TypedSheet sheet;
    private final BusinessDay today;

    TextFinder(String text, TypedSheet sheet, BusinessDay today) {
        this(text, List.of(), sheet, today);
    }

    /** @param known what has been found in this text otherwise */
    TextFinder(String text, List<Found> known, TypedSheet sheet, BusinessDay today) {
        this.words = new Words(text);
        known.stream().filter(each -> each.at().to() <= text.length()).forEach(each -> words.claim(each.at()));
        this.sheet = sheet;
        this.today = today;
    }

    /** The text with what has been taken from it, so that no word means two things. */
    static final class Words {
        private final String text;
        private final String lower;
        private final boolean[] taken;
        private final List<Span> lines;
        private final List<Found> found = new ArrayList<>();
        private final List<Span> aside = new ArrayList<>();
        private final List<Span> fragments = new ArrayList<>();

        Words(String text) {
            this.text = text;
            StringBuilder small = new StringBuilder(text.length());
            text.chars().forEach(c -> small.append(Character.toLowerCase((char) c)));
            this.lower = small.toString();
            this.taken = new boolean[text.length()];
            this.lines = lines(text);
        }

        String text() {
            return text;
        }

        /** The text in small letters, letter by letter, so that places are the same: what patterns look at. */
        String lower() {
            return lower;
        }

        /** Lines with words in them, as places in the text; of lines that are the same, the first. */
        List<Span> lines() {
            return lines;
        }

        private static List<Span> lines(String text) {
            List<Span> lines = new ArrayList<>();
            Set<String> known = new HashSet<>();
            int at = 0;
            for (String line : text.split("\n", -1)) {
                if (!line.isBlank() && lines.size() < MOST_LINES && known.add(line.strip())) {
                    int from = at + line.indexOf(line.strip());
                    lines.add(new Span(from, from + line.strip().length()));
                }
                at += line.length() + 1;
            }
            return lines;
        }

        /** Parts of lines that say one thing each: between bars, and sentence by sentence. */
        List<Span> fragments() {
            if (fragments.isEmpty()) {
                cut();
            }
            return fragments;
        }

        /** Parts of fragments between commas, colons and dashes that nothing has been taken from. */
        List<Span> pieces() {
            List<Span> pieces = new ArrayList<>();
            for (Span fragment : fragments()) {
                Matcher cut = PIECE_END.matcher(at(fragment));
                int from = 0;
                while (cut.find()) {
                    add(pieces, fragment.from() + from, fragment.from() + cut.start());
                    from = cut.end();
                }
                add(pieces, fragment.from() + from, fragment.to());
            }
            return pieces.stream().filter(this::isFree).toList();
        }

        private void cut() {
            for (Span line : lines()) {
                Matcher cut = FRAGMENT_END.matcher(at(line));
                int from = 0;
                while (cut.find()) {
                    add(fragments, line.from() + from, line.from() + cut.start());
                    from = cut.end();
                }
                add(fragments, line.from() + from, line.to());
            }
        }

        private static void add(List<Span> fragments, int from, int to) {
            if (to - from > 1) {
                fragments.add(new Span(from, to));
            }
        }

        /** Whether a line has one of these in it: asked before a pattern that needs one is tried. */
        boolean has(Span line, List<String> needles) {
            String part = lower.substring(line.from(), line.to());
            return needles.stream().anyMatch(part::contains);
        }

        /**
         * Calls back at every place where a pattern is found, line by line.
         *
         * @param needles what a line must have one of, in small letters; empty where any line may do
         */
        void each(Pattern pattern, String letters, List<String> needles, Consumer<Matcher> found) {
            each(pattern, letters, line -> needles.isEmpty() || has(line, needles), found);
        }

        /** @param could whether a line could hold the pattern at all: asked first, since it costs less */
        void each(Pattern pattern, String letters, Predicate<Span> could, Consumer<Matcher> found) {
            Matcher matcher = pattern.matcher(letters);
            for (Span line : lines) {
                TimeBudget.check();
                if (!could.test(line)) {
                    continue;
                }
                matcher.region(line.from(), line.to());
                while (matcher.find()) {
                    TimeBudget.check();
                    found.accept(matcher);
                }
            }
        }

        String at(Span span) {
            return text.substring(span.from(), span.to());
        }

        boolean isFree(Span span) {
            TimeBudget.check();
            for (int i = span.from(); i < span.to(); i++) {
                if (taken[i]) {
                    return false;
                }
            }
            return true;
        }

        void take(Found each) {
            found.add(each);
            claim(each.at());
        }

        void claim(Span span) {
            for (int i = span.from(); i < span.to(); i++) {
                taken[i] = true;
            }
        }

        /** Takes a stretch out without finding anything in it. */
        void setAside(Span span) {
            aside.add(span);
            claim(span);
        }

        List<Span> aside() {
            return aside;
        }

        List<Found> found() {
            return found;
        }
    }

    @Override
    public Result find() {
        Whose whose = Whose.of(words);
        new ContactFinder(words, sheet.region()).find();
        new HoursFinder(words, sheet.region(), today).find();
        new LabelledFinder(words).find();
        boolean mayBeOurs = whose == Whose.OWN || whose == Whose.LETTER;
        if (mayBeOurs) {
            new PriceListFinder(words, sheet).find();
        }
        new AddressFinder(words, sheet.region()).find();
        if (mayBeOurs) {
            new WhoFinder(words, sheet).find();
        }
        List<Found> inOrder = new ArrayList<>(whose.asked(words.found(), Greetings.end(words)));
        inOrder.sort(Comparator.comparingInt(each -> each.at().from()));
        return new Result(words.text(), inOrder, whose.note(), words.aside(), true);
    }
}
