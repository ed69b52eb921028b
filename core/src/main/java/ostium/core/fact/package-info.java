/**
 * What is known about a business: typed facts, and the readers that turn what an owner types into them.
 *
 * <p>Start at {@link ostium.core.fact.Facts}. A reader answers with a {@link ostium.core.base.Reading}: the value, a
 * question, or a fault that points at the words. Nothing here ever invents a value.
 */
package ostium.core.fact;
