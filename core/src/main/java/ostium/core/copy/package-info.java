/**
 * The words of a page: what is worth saying of a business, and in which words. Facts become {@linkplain
 * ostium.core.copy.Messages messages}, each with what {@linkplain ostium.core.copy.Entailment entails} it and how much it sets
 * the business apart; messages become sentences by the patterns of the {@linkplain ostium.core.copy.Grammar grammar}. The front
 * door is {@link ostium.core.copy.Sentences}.
 *
 * <p>The rule above all others: a sentence may say only what the facts entail. How words come about is told in {@code
 * docs/words.md}.
 */
package ostium.core.copy;
