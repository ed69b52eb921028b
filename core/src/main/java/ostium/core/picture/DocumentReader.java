package ostium.core.picture;

import java.io.IOException;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.io.IOUtils;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.encryption.InvalidPasswordException;
import ostium.core.base.Messages;
import ostium.core.base.Reading;
import ostium.core.fact.StoredFile;
import ostium.core.text.Sha256;

/** Takes a PDF as it is, and counts its pages. */
final class DocumentReader {
    private static final Messages WORDS = Messages.of("picture");

    private DocumentReader() {}

    static Reading<TakenFile> read(byte[] bytes) {
        if (bytes.length > FileLimits.DOCUMENT_BYTES) {
            return FileReader.refused(WORDS.say(
                    "documentReader.heavy",
                    FileReader.megabytes(bytes.length),
                    FileReader.megabytes(FileLimits.DOCUMENT_BYTES)));
        }
        int pages;
        try (PDDocument document = Loader.loadPDF(bytes, "", null, null, IOUtils.createMemoryOnlyStreamCache())) {
            pages = document.getNumberOfPages();
        } catch (InvalidPasswordException e) {
            return FileReader.refused(WORDS.say("documentReader.thisPdfIsLockedWith"));
        } catch (IOException | RuntimeException e) {
            return damaged();
        }
        return pages < 1
                ? damaged()
                : Reading.understood(TakenFile.plain(
                        StoredFile.document(Sha256.hex(bytes), Math.min(pages, 99_999), bytes.length),
                        bytes,
                        List.of()));
    }

    private static Reading<TakenFile> damaged() {
        return FileReader.refused(WORDS.say("documentReader.thisPdfIsDamagedIt"));
    }
}
