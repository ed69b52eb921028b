/** What stands at the hosts of public sites and of the preview: everything that is not the editor. */
package ostium.app.hosting;
