package ostium.app.mail;

import jakarta.mail.MessagingException;
import jakarta.mail.internet.MimeMessage;
import java.nio.charset.StandardCharsets;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.core.io.ByteArrayResource;
import org.springframework.mail.MailPreparationException;
import org.springframework.mail.javamail.JavaMailSender;
import org.springframework.mail.javamail.JavaMailSenderImpl;
import org.springframework.mail.javamail.MimeMessageHelper;
import org.springframework.stereotype.Component;
import ostium.app.OstiumProperties;
import ostium.app.mail.MailMapper.StoredMail;

/** The way out: the mail server of the settings ({@code spring.mail.host}), or the stand-in that ships with Ostium. */
@Component
class MailServer {
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

    /** @throws org.springframework.mail.MailException if the server does not take it */
    void send(StoredMail mail) {
        JavaMailSender sender = configured.getIfAvailable(this::toStandIn);
        MimeMessage message = sender.createMimeMessage();
        try {
            boolean more = mail.calendar() != null;
            MimeMessageHelper helper = new MimeMessageHelper(message, more, StandardCharsets.UTF_8.name());
            helper.setFrom(properties.mailFrom(), "Ostium");
            helper.setTo(mail.recipient());
            if (mail.replyTo() != null) {
                helper.setReplyTo(mail.replyTo());
            }
            helper.setSubject(mail.subject());
            helper.setText(mail.body());
            if (more) {
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

    private JavaMailSender toStandIn() {
        JavaMailSenderImpl sender = new JavaMailSenderImpl();
        sender.setHost("127.0.0.1");
        sender.setPort(standIn.getObject().port());
        sender.getJavaMailProperties().setProperty("mail.smtp.connectiontimeout", "5000");
        sender.getJavaMailProperties().setProperty("mail.smtp.timeout", "10000");
        return sender;
    }
}
