/** Where the messages of a site go: nobody is told of them who has not said yes to that. */
package ostium.app.recipient;
