/** Simulated outside services that ship with the application, each behind the interface a real one would have. */
package ostium.app.standin;
