package ostium.app.standin;

import jakarta.servlet.http.HttpServletRequest;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import ostium.app.web.Problem;

/** Shows what the stand-ins have caught, to whoever sits at this machine. With a real mail server there is nothing. */
@RestController
class StandInController {
    private static final List<String> FORWARDED =
            List.of("Forwarded", "X-Forwarded-For", "X-Forwarded-Proto", "X-Forwarded-Host", "X-Real-IP", "Via");

    private final ObjectProvider<CaughtMail> mail;
    private final CaughtTexts texts;
    private final CaughtCalls calls;

    StandInController(ObjectProvider<CaughtMail> mail, CaughtTexts texts, CaughtCalls calls) {
        this.mail = mail;
        this.texts = texts;
        this.calls = calls;
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

    /** A mail as a mail program shows it; nothing in it runs, and nothing is loaded. */
    @GetMapping(path = "/api/stand-in/mails/{messageId}/shown", produces = "text/html;charset=utf-8")
    ResponseEntity<String> shown(@PathVariable String messageId, HttpServletRequest request)
            throws UnknownHostException {
        return mails(request).stream()
                .filter(mail -> mail.messageId().equals("<" + messageId + ">")
                        && !mail.html().isEmpty())
                .findFirst()
                .map(mail -> ResponseEntity.ok()
                        .header(
                                "Content-Security-Policy",
                                "default-src 'none'; style-src 'unsafe-inline'; sandbox allow-popups")
                        .body(mail.html()))
                .orElseThrow(Problem::notFound);
    }

    @GetMapping("/api/stand-in/texts")
    List<CaughtTexts.CaughtText> texts(HttpServletRequest request) throws UnknownHostException {
        requireThisMachine(request);
        return texts.caught();
    }

    @GetMapping("/api/stand-in/calls")
    List<CaughtCalls.CaughtCall> calls(HttpServletRequest request) throws UnknownHostException {
        requireThisMachine(request);
        return calls.caught();
    }

    /** The address of the stand-in for a program of an owner's. */
    @PostMapping("/api/stand-in/calls")
    ResponseEntity<Void> take(@RequestBody String body, HttpServletRequest request) throws UnknownHostException {
        requireThisMachine(request);
        Map<String, String> headers = new TreeMap<>();
        Collections.list(request.getHeaderNames()).stream()
                .filter(name -> name.startsWith("webhook-"))
                .forEach(name -> headers.put(name, request.getHeader(name)));
        boolean taken = calls.take(body, headers);
        return ResponseEntity.status(taken ? HttpStatus.NO_CONTENT : HttpStatus.SERVICE_UNAVAILABLE)
                .build();
    }

    /** What was forwarded came from elsewhere, even where the proxy that did it stands on this machine. */
    private static void requireThisMachine(HttpServletRequest request) throws UnknownHostException {
        boolean forwarded = FORWARDED.stream().anyMatch(name -> request.getHeader(name) != null);
        if (forwarded || !InetAddress.getByName(request.getRemoteAddr()).isLoopbackAddress()) {
            throw Problem.notFound();
        }
    }
}
