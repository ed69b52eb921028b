package ostium.core.site;

import java.util.List;

/**
 * One page.
 *
 * @param id stable id
 * @param slug last part of its address; empty for the home page
 * @param name its name in the menu
 * @param sections in order, masthead and footer not among them
 */
public record Page(String id, String slug, String name, List<Section> sections) {
    public Page {
        sections = List.copyOf(sections);
    }

    public Page withSections(List<Section> others) {
        return new Page(id, slug, name, others);
    }
}
