package ostium.app.list;

import org.springframework.stereotype.Component;
import ostium.app.mail.Mail;
import ostium.app.recipient.ConfirmedRecipients;
import ostium.app.site.SiteService;
import ostium.app.site.StoredSite;
import ostium.core.base.Messages;
import ostium.core.edit.State;
import ostium.core.fact.EmailAddress;
import ostium.render.mail.MailDress;

/** The mails of a list, each with the one link it is for. */
@Component
class ListMail {
    private static final Messages WORDS = Messages.of("list");

    private final SiteService sites;
    private final ListLinks links;
    private final ConfirmedRecipients recipients;

    ListMail(SiteService sites, ListLinks links, ConfirmedRecipients recipients) {
        this.sites = sites;
        this.links = links;
        this.recipients = recipients;
    }

    /** Asks whether it was they. */
    Mail confirm(StoredSite site, ListMember member, String token) {
        return mail(site, member, "confirm", links.confirm(site, token), null, String.valueOf(ListService.DAYS));
    }

    /** Says that they are on the list, and how they leave. */
    Mail joined(StoredSite site, ListMember member) {
        String leave = links.leave(site, member);
        return mail(site, member, "joined", leave, leave, "");
    }

    /** The same to somebody who was on it. */
    Mail again(StoredSite site, ListMember member) {
        String leave = links.leave(site, member);
        return mail(site, member, "again", leave, leave, "");
    }

    private Mail mail(StoredSite site, ListMember member, String key, String link, String leave, String more) {
        State state = sites.state(site);
        String name = state.sheet().name();
        String to = EmailAddress.read(member.email())
                .value()
                .map(EmailAddress::ascii)
                .orElse(member.email());
        return new Mail(
                        to,
                        recipients.first(site.id(), state),
                        WORDS.say(key + ".subject", name),
                        WORDS.say(key + ".body", name, link, more) + "\n",
                        Mail.About.listMember(site.id(), member.id()))
                .in(MailDress.of(name, state.look()))
                .withButton(WORDS.say(key + ".button"), link)
                .withLeaveAddress(leave);
    }
}
