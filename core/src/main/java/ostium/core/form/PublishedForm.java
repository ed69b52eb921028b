package ostium.core.form;

/**
 * A form as a publication keeps it: everything a post to it needs, whatever becomes of trades, words or code.
 *
 * @param name which of the site's forms it is; null for the only one of a publication of before there could be several
 * @param form fields, rules and words
 * @param region ISO 3166 country its telephone numbers are read in
 * @param page the page of the form alone, HTML, to be filled and shown again
 * @param thanksPage path of the page that is shown after sending; null for {@code thanks}
 */
public record PublishedForm(String name, Form form, String region, String page, String thanksPage) {
    public PublishedForm {
        thanksPage = thanksPage == null ? "thanks" : thanksPage;
    }
}
