package ostium.core.fact;

import java.util.Arrays;
import java.util.Optional;

/**
 * A picture of the owner's.
 *
 * @param file the kept picture; never a document
 * @param use where it belongs
 * @param alternative what it shows, for those who cannot see it; empty when it has not been said, or is decoration
 * @param decoration whether it says nothing that the words beside it do not
 * @param credit who took it, or empty
 * @param treatment what is done to it before it is shown
 */
public record Picture(
        StoredFile file, Use use, String alternative, boolean decoration, String credit, Treatment treatment)
        implements FactValue {

    /** Where a picture belongs. */
    public enum Use {
        /** Beside the name, at the head of every page. */
        LOGO("logo"),
        /** On the tab of the browser, and on the screen of a phone that keeps the page. */
        ICON("icon"),
        /** The first picture a visitor sees. */
        OPENING("opening"),
        /** Work the owner has done, or where it is done. */
        WORK("work");

        private final String word;

        Use(String word) {
            this.word = word;
        }

        /** Its name on a line of the facts sheet. */
        public String word() {
            return word;
        }

        public static Optional<Use> named(String word) {
            return Arrays.stream(values()).filter(use -> use.word.equals(word)).findFirst();
        }
    }

    /** Whether it may stand on a page: a logo is described by the name it stands for. */
    public boolean isDescribed() {
        return decoration || !alternative.isBlank() || use == Use.LOGO || use == Use.ICON;
    }

    @Override
    public Optional<String> say(String facet) {
        return facet.isEmpty() && !alternative.isBlank() ? Optional.of(alternative) : Optional.empty();
    }
}
