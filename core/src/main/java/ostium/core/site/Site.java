package ostium.core.site;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/**
 * A whole site as a document. What it looks like is the look; what is true of the
 * business stays in the {@linkplain ostium.core.fact.Facts facts}, which texts and items point to. It is changed by
 * edits only.
 *
 * @param masthead head of every page
 * @param pages at least one; the first is the home page
 * @param footer foot of every page
 */
public record Site(Section masthead, List<Page> pages, Section footer) {

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

    /** Every section visitors see, in reading order. */
    public Stream<Section> shownSections() {
        return sections().filter(section -> !section.hidden());
    }

    /** Every text in reading order. */
    public Stream<Text> texts() {
        return sections().flatMap(Section::allTexts);
    }

    /** Ids of everything that has one. */
    public Stream<String> ids() {
        return Stream.concat(pages.stream().map(Page::id), sections().flatMap(Section::ids));
    }

    /** The first section of a kind, in reading order. */
    public Optional<Section> section(SectionKind kind) {
        return sections(kind).findFirst();
    }

    /** The sections of a kind, in reading order. */
    public Stream<Section> sections(SectionKind kind) {
        return sections().filter(section -> section.kind().equals(kind));
    }

    public Optional<Section> section(String id) {
        return sections().filter(section -> section.id().equals(id)).findFirst();
    }

    public Optional<Text> text(String id) {
        return texts().filter(text -> text.id().equals(id)).findFirst();
    }

    public Optional<Section> sectionOfText(String textId) {
        return sections()
                .filter(section -> section.allTexts().anyMatch(text -> text.id().equals(textId)))
                .findFirst();
    }

    /** The page on which a section stands; empty for masthead, footer and what is not there. */
    public Optional<Page> pageOf(String sectionId) {
        return pages.stream()
                .filter(page -> page.sections().stream()
                        .anyMatch(section -> section.id().equals(sectionId)))
                .findFirst();
    }

    /** Where a section stands; empty for masthead, footer and what is not there. */
    public Optional<Position> position(String sectionId) {
        for (Page page : pages) {
            String before = "";
            for (Section section : page.sections()) {
                if (section.id().equals(sectionId)) {
                    return Optional.of(new Position(page.id(), before));
                }
                before = section.id();
            }
        }
        return Optional.empty();
    }

    /** This site with every section changed; one that is given back as it was stays the same object. */
    public Site mapSections(UnaryOperator<Section> change) {
        return new Site(
                change.apply(masthead),
                pages.stream()
                        .map(page -> page.withSections(
                                page.sections().stream().map(change).toList()))
                        .toList(),
                change.apply(footer));
    }

    /** This site with the section of that id replaced. */
    public Site with(Section replaced) {
        return mapSections(section -> section.id().equals(replaced.id()) ? replaced : section);
    }

    public Site without(String sectionId) {
        return new Site(
                masthead,
                pages.stream()
                        .map(page -> page.withSections(page.sections().stream()
                                .filter(section -> !section.id().equals(sectionId))
                                .toList()))
                        .toList(),
                footer);
    }

    /** This site with one more section. A neighbour that is gone means the end of the page. */
    public Site insert(Section section, Position at) {
        List<Page> next = new ArrayList<>();
        for (Page page : pages) {
            next.add(page.id().equals(at.page()) ? page.withSections(inserted(page.sections(), section, at)) : page);
        }
        return new Site(masthead, next, footer);
    }

    private static List<Section> inserted(List<Section> sections, Section section, Position at) {
        List<Section> next = new ArrayList<>(sections);
        int place = at.after().isEmpty() ? 0 : sections.size();
        for (int i = 0; i < sections.size(); i++) {
            if (sections.get(i).id().equals(at.after())) {
                place = i + 1;
            }
        }
        next.add(place, section);
        return next;
    }
}
