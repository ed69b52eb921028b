/**
 * The kinds of sections, a folder each. A {@linkplain ostium.core.section.SectionDescriptor descriptor} says all there is to
 * say about a kind; planning, drafting, consequences, paging, pictures, snags, pages and the interface ask it. {@link
 * ostium.core.section.SectionKinds} lists them. How a kind is added: {@code docs/sections.md}.
 */
package ostium.core.section;
