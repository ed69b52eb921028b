/** The owner's own words, read for slips of spelling and grammar: on the queue, never in the way of anything. */
package ostium.app.proofing;
