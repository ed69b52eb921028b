package ostium.core.edit;

import ostium.core.base.Messages;
import ostium.core.site.Site;

/** The document of a state that must have one. */
final class Kept {
    private static final Messages WORDS = Messages.of("edit");

    private Kept() {}

    static Site site(State state) {
        if (!state.isKept()) {
            throw new EditRefused(WORDS.say("kept.keepADraftFirstThen"));
        }
        return state.site();
    }
}
