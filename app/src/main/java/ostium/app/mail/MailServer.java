package ostium.app.mail;

import jakarta.mail.MessagingException;
import jakarta.mail.internet.MimeMessage;
import java.nio.charset.StandardCharsets;
import java.util.stream.Stream;
import org.eclipse.angus.mail.smtp.SMTPAddressFailedException;
import org.eclipse.angus.mail.smtp.SMTPSendFailedException;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.io.ByteArrayResource;
import org.springframework.mail.MailException;
import org.springframework.mail.MailPreparationException;
import org.springframework.mail.MailSendException;
import org.springframework.mail.javamail.JavaMailSender;
import org.springframework.mail.javamail.JavaMailSenderImpl;
import org.springframework.mail.javamail.MimeMessageHelper;
import org.springframework.stereotype.Component;
import ostium.app.OstiumProperties;
import ostium.app.mail.MailMapper.StoredMail;

/** The way out: the mail server of the settings ({@code spring.mail.host}), or the stand-in that ships with Ostium. */
@Component
class MailServer {
    private static final int PERMANENT = 5;

    private final ObjectProvider<JavaMailSender> configured;
    private final ObjectProvider<MailStandIn> standIn;
    private final OstiumProperties properties;

    MailServer(
            ObjectProvider<JavaMailSender> configured,
            ObjectProvider<MailStandIn> standIn,
            OstiumProperties properties) {
        this.configured = configured;
        this.standIn = standIn;
        this.properties = properties;
    }

    /** Says so once where mails have no way out. */
    @EventListener(ApplicationReadyEvent.class)
    void hasAWayOut() {
        if (configured.getIfAvailable() == null && standIn.getIfAvailable() == null) {
            LoggerFactory.getLogger(MailServer.class)
                    .warn("no mail server is set (spring.mail.host): mails wait until there is one");
        }
    }

    /** @throws MailException if the server does not take it */
    void send(StoredMail mail) {
        JavaMailSender sender = configured.getIfAvailable(this::toStandIn);
        MimeMessage message = sender.createMimeMessage();
        try {
            boolean more = mail.calendar() != null || mail.html() != null;
            MimeMessageHelper helper = new MimeMessageHelper(message, more, StandardCharsets.UTF_8.name());
            helper.setFrom(properties.mailFrom(), "Ostium");
            helper.setTo(mail.recipient());
            if (mail.replyTo() != null) {
                helper.setReplyTo(mail.replyTo());
            }
            helper.setSubject(mail.subject());
            if (mail.html() == null) {
                helper.setText(mail.body());
            } else {
                helper.setText(mail.body(), mail.html());
            }
            if (mail.calendar() != null) {
                helper.addAttachment(
                        "appointment.ics",
                        new ByteArrayResource(mail.calendar().getBytes(StandardCharsets.UTF_8)),
                        "text/calendar; charset=utf-8; method=PUBLISH");
            }
            message.setHeader("Message-ID", mail.messageId());
            message.setHeader("Auto-Submitted", "auto-generated");
            if (mail.leaveAddress() != null) {
                message.setHeader("List-Unsubscribe", "<" + mail.leaveAddress() + ">");
                message.setHeader("List-Unsubscribe-Post", "List-Unsubscribe=One-Click");
            }
        } catch (MessagingException | java.io.UnsupportedEncodingException e) {
            throw new MailPreparationException("cannot be written as a mail", e);
        }
        sender.send(message);
    }

    /** Whether the server has said no for good, so that another try is of no use (RFC 5321, 4.2.1). */
    static boolean refused(MailException e) {
        return e instanceof MailSendException sending
                && Stream.of(sending.getMessageExceptions()).anyMatch(MailServer::refused);
    }

    private static boolean refused(Exception e) {
        int answer = e instanceof SMTPAddressFailedException address
                ? address.getReturnCode()
                : e instanceof SMTPSendFailedException whole ? whole.getReturnCode() : 0;
        return answer / 100 == PERMANENT
                || e instanceof MessagingException more
                        && more.getNextException() != null
                        && refused(more.getNextException());
    }

    private JavaMailSender toStandIn() {
        MailStandIn caught = standIn.getIfAvailable();
        if (caught == null) {
            throw new MailSendException("no mail server is set (spring.mail.host)");
        }
        JavaMailSenderImpl sender = new JavaMailSenderImpl();
        sender.setHost("127.0.0.1");
        sender.setPort(caught.port());
        sender.getJavaMailProperties().setProperty("mail.smtp.connectiontimeout", "5000");
        sender.getJavaMailProperties().setProperty("mail.smtp.timeout", "10000");
        return sender;
    }
}
