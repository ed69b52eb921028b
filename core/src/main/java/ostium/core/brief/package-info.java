/** What a draft is made from: the facts, the trade, the goal, what is denied of the trade, and what the owner wishes. */
package ostium.core.brief;
