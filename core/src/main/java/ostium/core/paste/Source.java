package ostium.core.paste;

import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import ostium.core.base.Messages;
import ostium.core.base.Reading;

/**
 * What was pasted or dropped, as text, and what kind of text it is.
 *
 * @param kind judged by the content; the name of a file only settles what the content leaves open
 * @param text the words, with line feeds only
 */
public record Source(Kind kind, String text) {
    private static final Messages WORDS = Messages.of("paste");

    /** Most characters that are read: some fifty pages. */
    public static final int LONGEST = 1_000_000;

    private static final int LONGEST_GAP = 120;

    /** Kinds of sources, as the owner would call them. */
    public enum Kind {
        TEXT,
        HTML,
        VCARD,
        JSON_LD,
        CSV,
        CALENDAR,
        TAGS;

        public String words() {
            return WORDS.say("kind." + name().toLowerCase(Locale.ROOT));
        }
    }

    /** Words from the clipboard. */
    public static Reading<Source> pasted(String words) {
        return of(words, "");
    }

    /**
     * A file.
     *
     * @param name its name, which may be empty
     */
    public static Reading<Source> file(byte[] bytes, String name) {
        if (bytes.length == 0) {
            return Reading.refused(WORDS.say("source.thisFileIsEmpty"), 0, 0);
        }
        String magic = new String(bytes, 0, Math.min(bytes.length, 8), StandardCharsets.ISO_8859_1);
        if (magic.startsWith("PK")) {
            return Reading.refused(WORDS.say("source.thisIsAPackedFile"), 0, 0);
        }
        if (magic.startsWith("%PDF")) {
            return Reading.refused(WORDS.say("source.thisIsAPdfOpen"), 0, 0);
        }
        if (magic.matches("(?s)\u0089PNG.*|\u00ff\u00d8\u00ff.*|GIF8.*|RIFF.*")) {
            return Reading.refused(WORDS.say("source.thisIsAPictureType"), 0, 0);
        }
        if (bytes.length > LONGEST * 4) {
            return tooLong(bytes.length);
        }
        String text = decoded(bytes);
        if (text.chars().filter(c -> c == 0).count() > text.length() / 100) {
            return Reading.refused(WORDS.say("source.thisIsNotAFile"), 0, 0);
        }
        return of(text, name);
    }

    /** UTF-16 or UTF-8 by its mark, UTF-8 where it is that without a slip, else Windows-1252. */
    static String decoded(byte[] bytes) {
        if (bytes.length > 1 && (bytes[0] & 0xff) == 0xff && (bytes[1] & 0xff) == 0xfe) {
            return new String(bytes, 2, bytes.length - 2, StandardCharsets.UTF_16LE);
        }
        if (bytes.length > 1 && (bytes[0] & 0xff) == 0xfe && (bytes[1] & 0xff) == 0xff) {
            return new String(bytes, 2, bytes.length - 2, StandardCharsets.UTF_16BE);
        }
        try {
            return StandardCharsets.UTF_8
                    .newDecoder()
                    .onMalformedInput(CodingErrorAction.REPORT)
                    .decode(ByteBuffer.wrap(bytes))
                    .toString();
        } catch (CharacterCodingException e) {
            return new String(bytes, Charset.forName("windows-1252"));
        }
    }

    private static Reading<Source> tooLong(long characters) {
        return Reading.refused(WORDS.say("source.long", Math.max(1, characters / 1_000_000)), 0, 0);
    }

    private static Reading<Source> of(String words, String name) {
        if (words.isBlank()) {
            return Reading.refused(WORDS.say("source.thereIsNothingHereTo"), 0, 0);
        }
        if (words.length() > LONGEST) {
            return tooLong(words.length());
        }
        String text = words.replaceFirst("^\uFEFF", "")
                .replace("\r\n", "\n")
                .replace('\r', '\n')
                .replace('\u00a0', ' ');
        String read = withoutLongGaps(text);
        return Reading.understood(new Source(kind(read, name.toLowerCase(Locale.ROOT)), read));
    }

    /** White space says nothing more beyond {@value #LONGEST_GAP} of it, and readers would go over it again and again. */
    private static String withoutLongGaps(String text) {
        StringBuilder kept = new StringBuilder(text.length());
        int gap = 0;
        for (int i = 0; i < text.length(); i++) {
            gap = Character.isWhitespace(text.charAt(i)) ? gap + 1 : 0;
            if (gap <= LONGEST_GAP) {
                kept.append(text.charAt(i));
            }
        }
        return kept.toString();
    }

    private static Kind kind(String text, String name) {
        String start = text.stripLeading();
        String upper = start.substring(0, Math.min(start.length(), 200)).toUpperCase(Locale.ROOT);
        if (upper.startsWith("BEGIN:VCARD")) {
            return Kind.VCARD;
        }
        if (upper.startsWith("BEGIN:VCALENDAR")) {
            return Kind.CALENDAR;
        }
        if (start.startsWith("{") || start.startsWith("[{") || name.endsWith(".jsonld") || name.endsWith(".json")) {
            return Kind.JSON_LD;
        }
        if (upper.matches("(?s)<(?:!DOCTYPE|HTML|HEAD|BODY|DIV|P|TABLE|SPAN|META|UL|SECTION|SCRIPT|A|H[1-6])\\b.*")
                || text.matches("(?s).*<(?:div|p|td|li|body|span|br|h[1-6])\\b[^>]*>.*")) {
            return Kind.HTML;
        }
        if (name.endsWith(".csv") || name.endsWith(".tsv") || ServicesTable.looksLikeOne(text)) {
            return Kind.CSV;
        }
        long tags = text.lines()
                .filter(line -> line.matches("[a-z_]+(?::[a-z_]+)*\\s*=\\s*\\S.*"))
                .count();
        return tags >= 2
                        && tags * 2
                                >= text.lines().filter(line -> !line.isBlank()).count()
                ? Kind.TAGS
                : Kind.TEXT;
    }
}
