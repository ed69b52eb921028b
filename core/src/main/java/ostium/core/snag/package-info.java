/** What is to be put right before a site goes public, and after: one rule a class, {@link ostium.core.snag.Snags} all. */
package ostium.core.snag;
