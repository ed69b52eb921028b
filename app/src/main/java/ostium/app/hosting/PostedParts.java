package ostium.app.hosting;

import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.Part;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ostium.core.form.FieldKind;
import ostium.core.form.SentFile;
import ostium.core.form.SentFiles;

/**
 * A form that was posted, with the files that came with it.
 *
 * @param fields every name with all its values; the field for files is none of them, whatever stands in it
 * @param files in order, still on disk; more or heavier ones than are taken are here too, so that the visitor is told
 */
record PostedParts(Map<String, List<String>> fields, List<Part> files) {
    private static final String MULTIPART = "multipart/form-data";
    private static final String FILES = FieldKind.FILES.key().orElseThrow();

    /** What stands around the files: names, boundaries, the other answers. */
    private static final long MOST_BYTES = SentFiles.MOST_BYTES + 2 * PostedForm.MOST_BYTES;

    /** Whether files are sent, more of them than can even be read. */
    static boolean isTooHeavy(HttpServletRequest request) {
        return isMultipart(request) && request.getContentLengthLong() > MOST_BYTES;
    }

    /**
     * Empty when it is larger, holds more fields, or is of another type than a form of ours sends.
     *
     * @param takesFiles whether a form of the site asks for any; where none does, none are read
     */
    static Optional<PostedParts> read(HttpServletRequest request, boolean takesFiles) throws IOException {
        if (!isMultipart(request)) {
            return PostedForm.read(request).map(fields -> of(fields, List.of()));
        }
        if (!takesFiles || request.getContentLengthLong() < 0 || isTooHeavy(request)) {
            return Optional.empty();
        }
        try {
            return parts(request);
        } catch (IOException | ServletException | IllegalStateException e) {
            // What cannot be read as parts: no boundary, too many of them, an end that is missing.
            return Optional.empty();
        }
    }

    private static boolean isMultipart(HttpServletRequest request) {
        String type = request.getContentType();
        return type != null && type.startsWith(MULTIPART);
    }

    private static Optional<PostedParts> parts(HttpServletRequest request) throws IOException, ServletException {
        Map<String, List<String>> fields = new LinkedHashMap<>();
        List<Part> files = new ArrayList<>();
        long words = 0;
        int number = 0;
        for (Part part : request.getParts()) {
            if (++number > PostedForm.MOST_FIELDS) {
                return Optional.empty();
            }
            String file = part.getSubmittedFileName();
            if (file == null || !part.getName().equals(FILES)) {
                words += part.getSize();
                if (words > PostedForm.MOST_BYTES) {
                    return Optional.empty();
                }
                fields.computeIfAbsent(part.getName(), name -> new ArrayList<>())
                        .add(new String(bytes(part), StandardCharsets.UTF_8));
            } else if (part.getSize() > 0 || !file.isEmpty()) {
                // A browser sends an empty part without a name where no file was chosen.
                files.add(part);
            }
        }
        return Optional.of(of(fields, files));
    }

    /** The files with all their bytes: asked for when there is memory for them. */
    List<SentFile> read() throws IOException {
        List<SentFile> read = new ArrayList<>();
        for (Part part : files) {
            read.add(new SentFile(part.getSubmittedFileName(), bytes(part)));
        }
        return read;
    }

    private static byte[] bytes(Part part) throws IOException {
        try (var stream = part.getInputStream()) {
            return stream.readAllBytes();
        }
    }

    private static PostedParts of(Map<String, List<String>> fields, List<Part> files) {
        Map<String, List<String>> others = new LinkedHashMap<>(fields);
        others.remove(FILES);
        return new PostedParts(others, files);
    }
}
