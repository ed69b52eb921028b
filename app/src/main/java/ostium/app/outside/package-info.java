/** What is asked of other machines, at addresses that people typed. */
package ostium.app.outside;
