package ostium.core.site;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A whole site as a document. What it looks like is the {@linkplain ostium.core.look.Look look}; what is true of the
 * business stays in the {@linkplain ostium.core.fact.Facts facts}, which texts and items point to.
 *
 * @param schema version of this shape; a stored document of an older one is brought up on reading
 * @param masthead head of every page
 * @param pages at least one; the first is the home page
 * @param footer foot of every page
 */
public record Site(int schema, Section masthead, List<Page> pages, Section footer) {
    public static final int SCHEMA = 1;

    public Site {
        pages = List.copyOf(pages);
        if (pages.isEmpty()) {
            throw new IllegalArgumentException("a site has at least one page");
        }
    }

    public Page home() {
        return pages.get(0);
    }

    /** Every section in reading order, masthead and footer included. */
    public Stream<Section> sections() {
        return Stream.of(
                        Stream.of(masthead),
                        pages.stream().flatMap(page -> page.sections().stream()),
                        Stream.of(footer))
                .flatMap(part -> part);
    }

    /** Every text in reading order. */
    public Stream<Text> texts() {
        return sections().flatMap(Section::allTexts);
    }

    public Optional<Section> section(SectionKind kind) {
        return sections().filter(section -> section.kind() == kind).findFirst();
    }
}
