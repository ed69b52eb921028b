package ostium.core.enquiry;

/**
 * A form as a publication keeps it: everything a post to it needs, whatever becomes of trades, words or code.
 *
 * @param form fields, rules and words
 * @param region ISO 3166 country its telephone numbers are read in
 * @param page the page of the form alone, HTML, to be filled and shown again
 */
public record PublishedForm(Form form, String region, String page) {}
