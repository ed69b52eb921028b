package ostium.app.standin;

import jakarta.servlet.http.HttpServletRequest;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.util.List;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import ostium.app.web.Problem;

/** Shows what the stand-ins have caught, to whoever sits at this machine. With a real mail server there is nothing. */
@RestController
class StandInController {
    private final ObjectProvider<CaughtMail> mail;
    private final CaughtTexts texts;

    StandInController(ObjectProvider<CaughtMail> mail, CaughtTexts texts) {
        this.mail = mail;
        this.texts = texts;
    }

    @GetMapping("/api/stand-in/mails")
    List<CaughtMail.Caught> mails(HttpServletRequest request) throws UnknownHostException {
        CaughtMail standIn = mail.getIfAvailable();
        requireThisMachine(request);
        if (standIn == null) {
            throw Problem.notFound();
        }
        return standIn.caught();
    }

    @GetMapping("/api/stand-in/texts")
    List<CaughtTexts.CaughtText> texts(HttpServletRequest request) throws UnknownHostException {
        requireThisMachine(request);
        return texts.caught();
    }

    private static void requireThisMachine(HttpServletRequest request) throws UnknownHostException {
        if (!InetAddress.getByName(request.getRemoteAddr()).isLoopbackAddress()) {
            throw Problem.notFound();
        }
    }
}
