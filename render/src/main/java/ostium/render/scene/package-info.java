/** Pictures that Ostium draws itself, in the colours of a site's paint card. */
package ostium.render.scene;
