package ostium.app.editing;

/**
 * What comes back for an edit.
 *
 * @param aside whether the words were kept aside, because somebody else has changed the same text
 */
record EditAnswer(ManuscriptView manuscript, Shopfront shopfront, boolean aside) {}
