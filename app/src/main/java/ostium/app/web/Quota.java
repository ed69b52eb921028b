package ostium.app.web;

import org.springframework.http.HttpStatus;

/** How much of each thing there may be: the one list of what keeps rows and files from growing without end. */
public enum Quota {
    /** Sites that were begun in one browser, and that no account has taken. They go a week after the last change. */
    SITES_OF_BROWSER("sitesOfBrowser", 40),
    SITES_OF_ACCOUNT("sitesOfAccount", 200),
    /** Steps on a site before anybody has signed up for it. */
    EDITS_BEFORE_SIGN_UP("editsBeforeSignUp", 5_000),
    /** Files a site was given, in use or not. */
    FILES_OF_SITE("filesOfSite", 300),
    MEGABYTES_BEFORE_SIGN_UP("megabytesBeforeSignUp", 100),
    MEGABYTES_OF_SITE("megabytesOfSite", 2_000),
    /** Words of a site that somebody else's kept from standing on the page. */
    WORDS_ASIDE("wordsAside", 200);

    private final String key;
    private final long most;

    Quota(String key, long most) {
        this.key = key;
        this.most = most;
    }

    /**
     * @param present how many there are before one more is added
     * @throws Problem 409 when that is the most there may be
     */
    public void require(long present) {
        if (present >= most) {
            throw new Problem(HttpStatus.CONFLICT, "", "quota." + key, most);
        }
    }
}
