package ostium.app.enquiry;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import ostium.app.account.Account;
import ostium.app.mail.Mail;
import ostium.app.recipient.ConfirmedRecipients;
import ostium.app.site.SiteService;
import ostium.app.site.StoredSite;
import ostium.app.text.TextMessage;
import ostium.app.web.Origins;
import ostium.core.base.Messages;
import ostium.core.edit.State;
import ostium.core.enquiry.Reach;
import ostium.core.enquiry.Recipients;
import ostium.core.enquiry.SectionForms;
import ostium.core.enquiry.TestimonialForm;
import ostium.core.fact.EmailAddress;
import ostium.core.fact.Facts;
import ostium.core.form.Form;
import ostium.core.site.Section;
import ostium.render.mail.MailDress;

/** The mails of an enquiry: one that tells the owner of it, one that answers it. */
@Component
class EnquiryMail {
    private static final Messages WORDS = Messages.of("enquiry");
    private static final Messages ASKED = Messages.of("testimonial");

    private final SiteService sites;
    private final ConfirmedRecipients confirmed;
    private final Origins origins;

    EnquiryMail(SiteService sites, ConfirmedRecipients confirmed, Origins origins) {
        this.sites = sites;
        this.confirmed = confirmed;
        this.origins = origins;
    }

    /**
     * A message that has come.
     *
     * @param form name of the form it came by; null for the only one
     */
    record Come(String id, String form, List<Enquiry.Answer> answers) {}

    /** All of it, with a way to answer at once; one for each address it goes to. */
    List<Mail> told(StoredSite site, Come come) {
        State state = sites.state(site);
        List<Enquiry.Answer> answers = come.answers();
        String who = value(answers, "name").orElse(WORDS.say("told.somebody"));
        String subject = value(answers, "service")
                .map(service -> WORDS.say("told.subject.about", who, service))
                .orElse(WORDS.say("told.subject", who));
        String replyTo = email(answers).orElse(null);
        StringBuilder body = new StringBuilder();
        for (Enquiry.Answer answer : answers) {
            body.append(answer.label()).append('\n').append(answer.value()).append("\n\n");
        }
        body.append(replyTo == null ? "" : WORDS.say("told.answer") + "\n");
        String all = origins.editor() + "/sites/" + site.id() + "/enquiries";
        body.append(WORDS.say("told.all", state.sheet().name(), all)).append('\n');
        return confirmed.among(site.id(), recipients(state, come).mails()).stream()
                .map(to -> new Mail(to, replyTo, subject, body.toString(), Mail.About.enquiry(site.id(), come.id()))
                        .withButton(WORDS.say("told.button"), all))
                .toList();
    }

    private static Recipients recipients(State state, Come come) {
        return Recipients.of(
                state.doors(),
                SectionForms.named(state.site(), come.form()).map(Section::id).orElse(null),
                come.answers().stream().collect(Collectors.toMap(Enquiry.Answer::key, Enquiry.Answer::value)),
                state.sheet().region());
    }

    /** That it has come, and how whoever wrote is reached; one for each telephone that is texted of it. */
    List<TextMessage> texted(StoredSite site, Come come) {
        State state = sites.state(site);
        List<String> numbers = recipients(state, come).texts();
        if (numbers.isEmpty()) {
            return List.of();
        }
        String who = value(come.answers(), "name").orElse(WORDS.say("told.somebody"));
        String reach = Reach.KEYS.stream()
                .flatMap(key -> value(come.answers(), key).stream())
                .collect(Collectors.joining(", "));
        String name = state.sheet().name();
        String words = value(come.answers(), "service")
                .map(service -> WORDS.say("told.text.about", who, name, reach, service))
                .orElse(WORDS.say("told.text", who, name, reach));
        return numbers.stream()
                .map(to -> new TextMessage(to, words, TextMessage.About.enquiry(site.id(), come.id())))
                .toList();
    }

    /** The same for a test of the form, called one. */
    List<TextMessage> textTried(StoredSite site, Come come) {
        return texted(site, come).stream()
                .map(text -> new TextMessage(text.to(), WORDS.say("told.text.test", text.words()), text.about()))
                .toList();
    }

    /** A word to whoever wrote that it has come, in the words after sending; empty where they left no mail address. */
    Optional<Mail> confirmed(StoredSite site, Form form, String enquiry, List<Enquiry.Answer> answers) {
        State state = sites.state(site);
        Facts facts = sites.read(state).brief().facts();
        String name = state.sheet().name();
        String telephone = facts.say("telephone", "national").orElse("");
        return email(answers)
                .map(to -> new Mail(
                                to,
                                confirmed.first(site.id(), state),
                                form.say("confirm.subject", name),
                                form.say("confirm.body", form.thanks(facts), name, telephone)
                                                .strip() + "\n",
                                Mail.About.enquiry(site.id(), enquiry))
                        .in(MailDress.of(name, state.look())));
    }

    /** Where a mail reaches whoever wrote. */
    private static Optional<String> email(List<Enquiry.Answer> answers) {
        return Reach.KEYS.stream()
                .flatMap(key -> value(answers, key).stream())
                .flatMap(reach -> EmailAddress.read(reach).value().stream())
                .map(EmailAddress::ascii)
                .findFirst();
    }

    /** The same once more, for somebody who has not answered. */
    List<Mail> reminded(StoredSite site, Come come, String waited) {
        String who = value(come.answers(), "name").orElse(WORDS.say("told.somebody"));
        return told(site, come).stream()
                .map(mail -> mail.withSubject(WORDS.say("remind.subject", who))
                        .withBody(waited + "\n\n" + mail.body() + "\n" + WORDS.say("remind.foot") + "\n"))
                .toList();
    }

    /** The same for a test of the form, called one. */
    List<Mail> tried(StoredSite site, Come come) {
        return told(site, come).stream()
                .map(mail -> mail.withSubject(WORDS.say("test.subject", mail.subject()))
                        .withBody(WORDS.say("test.lead") + "\n\n" + mail.body()))
                .toList();
    }

    /** Asks a customer whose matter is done how it was; empty where they left no mail address. */
    Optional<Mail> askedForWords(StoredSite site, Enquiry enquiry, String link) {
        State state = sites.state(site);
        String name = state.sheet().name();
        String body = enquiry.answer("name")
                .map(who -> ASKED.say("mail.body", name, who))
                .orElse(ASKED.say("mail.body.nobody", name));
        return Optional.ofNullable(enquiry.person())
                .filter(Enquiry.Person::mail)
                .map(person -> new Mail(
                                person.key(),
                                confirmed.first(site.id(), state),
                                ASKED.say("mail.subject", name),
                                body + "\n\n" + link + "\n",
                                Mail.About.enquiry(site.id(), enquiry.id()))
                        .withButton(ASKED.say("mail.button"), link)
                        .in(MailDress.of(name, state.look())));
    }

    /** Tells the owner of what a customer has said. */
    List<Mail> wordsCame(StoredSite site, String enquiry, Map<String, String> said) {
        String who = said.getOrDefault(TestimonialForm.NAME, "");
        String all = origins.editor() + "/sites/" + site.id() + "/enquiries";
        return confirmed.of(site.id(), sites.state(site)).stream()
                .map(to -> new Mail(
                                to,
                                null,
                                ASKED.say("told.subject", who),
                                ASKED.say("told.body", who, said.getOrDefault(TestimonialForm.SAID, ""), all) + "\n",
                                Mail.About.enquiry(site.id(), enquiry))
                        .withButton(ASKED.say("told.button"), all))
                .toList();
    }

    /** A reply in the owner's words, signed with the business; what they write back goes where its messages go. */
    Mail reply(StoredSite site, Enquiry enquiry, String words, Account author) {
        State state = sites.state(site);
        Facts facts = sites.read(state).brief().facts();
        String replyTo = Optional.ofNullable(confirmed.first(site.id(), state)).orElse(author.email());
        String body = WORDS.say(
                        "reply.foot",
                        words,
                        state.sheet().name(),
                        facts.say("telephone", "national").orElse(""))
                .strip();
        return new Mail(
                        enquiry.person().key(),
                        replyTo,
                        WORDS.say("reply.subject", state.sheet().name()),
                        body + "\n",
                        Mail.About.enquiry(site.id(), enquiry.id()))
                .in(MailDress.of(state.sheet().name(), state.look()));
    }

    private static Optional<String> value(List<Enquiry.Answer> answers, String key) {
        return answers.stream()
                .filter(answer -> answer.key().equals(key))
                .map(Enquiry.Answer::value)
                .findFirst();
    }
}
