/** The foot of every page: how to reach the business, its links, and what the law wants shown. */
package ostium.core.section.footer;
