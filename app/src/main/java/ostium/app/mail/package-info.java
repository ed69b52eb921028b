/** Mail on its way out: kept first, then sent from a queue that survives a crash and tries again. */
package ostium.app.mail;
