package ostium.app.enquiry;

import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import ostium.app.enquiry.EnquiryFileMapper.KeptFile;
import ostium.app.files.PictureSizes;
import ostium.app.files.Pieces;
import ostium.core.fact.StoredFile;
import ostium.core.form.Form;
import ostium.core.form.SentFile;
import ostium.core.form.SentFiles;
import ostium.core.picture.TakenFile;

/** The photographs and PDFs of messages: taken one message at a time, and kept in the transaction of their message. */
@Component
public class EnquiryFiles {
    private final EnquiryFileMapper files;
    private final PictureSizes pictures;

    EnquiryFiles(EnquiryFileMapper files, PictureSizes pictures) {
        this.files = files;
        this.pictures = pictures;
    }

    /**
     * What was sent, looked at where the form asks for it.
     *
     * @param sent reads the files; called when no other message's are in memory
     */
    public SentFiles take(String site, Form form, Callable<List<SentFile>> sent) throws IOException {
        if (form.filesField().isEmpty()) {
            return SentFiles.none();
        }
        long kept = files.bytesOfSite(site);
        return pictures.oneAtATime(() -> SentFiles.take(form, sent.call(), kept));
    }

    void keep(String enquiry, SentFiles sent) {
        int position = 0;
        for (SentFiles.Named file : sent.files()) {
            TakenFile taken = file.taken();
            files.insert(
                    enquiry,
                    position,
                    file.name(),
                    taken.file().kind().contentType(),
                    taken.file().bytes());
            List<byte[]> pieces = Pieces.of(taken.content());
            for (int i = 0; i < pieces.size(); i++) {
                files.insertPiece(enquiry, position, i, pieces.get(i));
            }
            position++;
        }
    }

    /** Those of all messages of a site, by message. */
    Map<String, List<Enquiry.Attached>> of(List<String> enquiries) {
        return files.of(enquiries).stream()
                .collect(Collectors.groupingBy(
                        KeptFile::enquiry, Collectors.mapping(EnquiryFiles::view, Collectors.toList())));
    }

    private static Enquiry.Attached view(KeptFile file) {
        return new Enquiry.Attached(
                file.position(), file.name(), StoredFile.weight(file.size()), canBeShown(file.contentType()));
    }

    /** Whether a browser shows it as a picture that can do nothing else. */
    static boolean canBeShown(String contentType) {
        return StoredFile.Kind.JPEG.contentType().equals(contentType)
                || StoredFile.Kind.PNG.contentType().equals(contentType);
    }

    /** A file with its bytes. */
    record Content(String name, String contentType, byte[] bytes) {}

    /** Empty when the message is not one of the site's, or has no such file. */
    Optional<Content> content(String site, String enquiry, int position) {
        return files.one(site, enquiry, position)
                .map(file ->
                        new Content(file.name(), file.contentType(), Pieces.joined(files.pieces(enquiry, position))));
    }
}
