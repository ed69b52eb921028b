/**
 * The catalogue of trades: what Ostium knows of an owner's work before a word is typed.
 *
 * <p>All of it is data in {@code ostium/trades/*.yaml}. What a trade usually does is an assumption until the owner
 * takes it. The front door is {@link ostium.core.trade.TradeCatalogue}.
 */
package ostium.core.trade;
