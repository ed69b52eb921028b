package ostium.render;

import ostium.core.fact.Picture;
import ostium.core.fact.StoredFile;

/**
 * A file of a site whose bytes the owner gave: they are kept elsewhere, and only named here.
 *
 * @param path where it stands on the site
 * @param contentType media type
 * @param picture the picture it is a size of; null for a document
 * @param file the document; for a picture, what it is made from
 */
public record KeptFile(String path, String contentType, Picture picture, StoredFile file) {}
