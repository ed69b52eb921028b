/** What a search engine reads of a page. */
package ostium.core.search;
