package ostium.core.form;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ostium.core.base.Reading;
import ostium.core.picture.FileReader;
import ostium.core.picture.TakenFile;

/**
 * The photographs and PDFs that come with a form. What they are is judged from their bytes, by the same reader that takes
 * the owner's files: pictures are written anew, so that nothing stays but the picture.
 *
 * @param files those that were taken, in order
 * @param fault what is wrong, in words for the visitor; then none is taken
 */
public record SentFiles(List<Named> files, Optional<String> fault) {
    /** Most files of a message. */
    public static final int MOST = 5;

    /** Most bytes of all files of a message. */
    public static final long MOST_BYTES = 20_000_000;

    /** Most bytes of all messages of a site: a form that anybody may send through must not fill the disk. */
    public static final long MOST_BYTES_OF_SITE = 1_000_000_000;

    private static final long MEGABYTE = 1_000_000;

    public SentFiles {
        files = List.copyOf(files);
    }

    /** A file with the name it is kept by. */
    public record Named(String name, TakenFile taken) {}

    /** None, and nothing wrong with it. */
    public static SentFiles none() {
        return new SentFiles(List.of(), Optional.empty());
    }

    /**
     * Takes what was sent, or says what is wrong with it.
     *
     * @param kept bytes of files the site keeps already
     */
    public static SentFiles take(Form form, List<SentFile> sent, long kept) {
        long bytes = sent.stream().mapToLong(file -> file.bytes().length).sum();
        if (sent.size() > MOST || bytes > MOST_BYTES) {
            return refused(limits(form));
        }
        if (!sent.isEmpty() && kept + bytes > MOST_BYTES_OF_SITE) {
            return refused(form.say("fault.files.full"));
        }
        List<Named> taken = new ArrayList<>();
        for (SentFile file : sent) {
            Reading<TakenFile> reading = FileReader.read(file.bytes(), file.name());
            if (reading instanceof Reading.Refused<TakenFile> not) {
                return refused(form.say("fault.files.one", file.name(), not.reason()));
            }
            TakenFile read = reading.value().orElseThrow();
            taken.add(new Named(file.named(read.file().kind().ending()), read));
        }
        return new SentFiles(taken, Optional.empty());
    }

    /** How many and how heavy, as it stands beneath the field and is said when it is too much. */
    public static String limits(Form form) {
        return form.say("files.limits", MOST, MOST_BYTES / MEGABYTE);
    }

    private static SentFiles refused(String fault) {
        return new SentFiles(List.of(), Optional.of(fault));
    }

    /** Their names, as the answer of the field. */
    public List<String> names() {
        return files.stream().map(Named::name).toList();
    }
}
