/** The one queue of work that survives a crash. */
package ostium.app.queue;
