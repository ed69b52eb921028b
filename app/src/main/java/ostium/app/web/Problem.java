package ostium.app.web;

import org.springframework.http.HttpStatus;

/** Something that cannot be done as asked; the message is shown to the owner, at the field it is about. */
public class Problem extends RuntimeException {
    private static final long serialVersionUID = 1L;
    private final HttpStatus status;
    private final String field;

    public Problem(HttpStatus status, String field, String message) {
        super(message);
        this.status = status;
        this.field = field;
    }

    /** For what is not there, and just the same for what is somebody else's. */
    public static Problem notFound() {
        return new Problem(HttpStatus.NOT_FOUND, "", "There is nothing here, or it is not yours.");
    }

    public static Problem at(String field, String message) {
        return new Problem(HttpStatus.UNPROCESSABLE_CONTENT, field, message);
    }

    public static Problem tooMany() {
        return new Problem(HttpStatus.TOO_MANY_REQUESTS, "", "That was often. Wait a few minutes and try again.");
    }

    public HttpStatus status() {
        return status;
    }

    public String field() {
        return field;
    }
}
