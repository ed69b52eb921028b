package ostium.app.editing;

import io.swagger.v3.oas.annotations.media.Schema;
import ostium.core.edit.Told;

/**
 * What comes back for an edit.
 *
 * @param told what was taken back or done again; null for an edit
 * @param aside whether the words were kept aside, because somebody else has changed the same text
 */
record EditAnswer(
        ManuscriptView manuscript,
        Shopfront shopfront,
        boolean aside,
        @Schema(nullable = true) Told told) {}
