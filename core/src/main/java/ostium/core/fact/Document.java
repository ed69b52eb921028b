package ostium.core.fact;

import java.util.Optional;
import ostium.core.text.Slug;

/**
 * A file visitors can take away, such as a price list.
 *
 * @param file the kept PDF
 * @param title what it is called on the page, never blank
 */
public record Document(StoredFile file, String title) implements FactValue {
    @Override
    public Optional<String> say(String facet) {
        return facet.isEmpty() ? Optional.of(title) : Optional.empty();
    }

    /** Its file on the site: {@code files/price-list.<12 digits of its content>.pdf}. */
    public String path() {
        String slug = Slug.of(title, 40);
        return "files/" + (slug.isEmpty() ? "file" : slug) + "." + file.hash().substring(0, 12) + ".pdf";
    }

    /** What a visitor wants to know before taking it: {@code PDF, 2 pages, 140 KB}. */
    public String size() {
        return "PDF, " + file.pages() + (file.pages() == 1 ? " page, " : " pages, ") + file.weight();
    }
}
