/**
 * Rewriting an owner's own words: shorter, plainer, to the reader, in another tone. Rules from
 * {@code words/en/rewriting.yaml}, not magic: what they cannot make better is left as it is, and that is said. The front
 * door is {@link ostium.core.rewrite.Rewriter}.
 */
package ostium.core.rewrite;
