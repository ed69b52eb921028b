package ostium.app.hosting;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ostium.app.enquiry.EnquiryService;
import ostium.core.form.Field;
import ostium.core.form.Form;
import ostium.core.form.PublishedForm;
import ostium.core.form.SentFiles;
import ostium.render.FormPage;

/**
 * A published form as a visitor has filled it in, looked through.
 *
 * @param checked the answers and what is wrong with any, files among them
 * @param files those that came, as far as they were taken
 */
record FilledForm(PublishedForm published, Form.Checked checked, SentFiles files) {

    static FilledForm of(PublishedForm published, Map<String, List<String>> posted, SentFiles files) {
        Optional<String> key = published.form().filesField().map(Field::key);
        Map<String, List<String>> all = new LinkedHashMap<>(posted);
        key.ifPresent(asked -> all.put(asked, files.names()));
        Form.Checked checked = published.form().check(all, published.region());
        return new FilledForm(
                published,
                files.fault()
                        .map(fault -> checked.faulty(key.orElseThrow(), fault))
                        .orElse(checked),
                files);
    }

    /** The page of the form with what was typed. It cannot hold the files that were chosen, and says so. */
    String shownAgain() {
        Form form = published.form();
        Form.Checked shown = files.files().isEmpty()
                ? checked
                : checked.faulty(form.filesField().orElseThrow().key(), form.say("fault.files.again"));
        return FormPage.filled(
                published.page(),
                shown.typed(),
                shown.faults(),
                form.notSent(shown.faults().size()));
    }

    /** What is kept. Files that are not asked for, given the other answers, are not among it. */
    EnquiryService.Message message(String submission, EnquiryService.Arrival arrival) {
        boolean asked = published
                .form()
                .filesField()
                .filter(field -> !checked.values().get(field.key()).isEmpty())
                .isPresent();
        return new EnquiryService.Message(
                published.name(),
                published.form(),
                checked.values(),
                asked ? files : SentFiles.none(),
                submission,
                arrival);
    }
}
