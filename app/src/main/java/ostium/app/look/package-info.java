/** How a site is drawn: the sample board, the paint card with its contrasts, letters, corners, motion, and words for all of it. */
package ostium.app.look;
