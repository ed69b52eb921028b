/** What an owner is asked beyond what a page needs: the questions whose answers would make it stronger, best first. */
package ostium.core.ask;
