/** Sites in the making: whose they are, their sheets, and the preview. */
package ostium.app.site;
