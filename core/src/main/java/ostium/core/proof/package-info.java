/**
 * What the owner wrote, held against a language: which words are theirs, what a reader of proofs says of them, and how a slip
 * is put right. Reading itself is a library's, outside the core.
 */
package ostium.core.proof;
