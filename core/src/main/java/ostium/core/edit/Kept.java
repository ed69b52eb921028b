package ostium.core.edit;

import ostium.core.site.Site;

/** The document of a state that must have one. */
final class Kept {

    private Kept() {}

    static Site site(State state) {
        if (!state.isKept()) {
            throw EditRefused.saying("kept.keepADraftFirstThen");
        }
        return state.site();
    }
}
