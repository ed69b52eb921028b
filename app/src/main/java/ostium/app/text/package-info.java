/** Text messages to telephones, through a gateway. */
package ostium.app.text;
