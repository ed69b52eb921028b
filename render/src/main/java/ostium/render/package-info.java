/**
 * A document with its facts and look, as plain files: HTML, one stylesheet, a small script, drawings and fonts. The
 * front door is {@link ostium.render.SiteRenderer}; preview and publication go through it alike.
 */
package ostium.render;
