package ostium.app.web;

import jakarta.servlet.http.HttpServletRequest;
import org.slf4j.LoggerFactory;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.http.converter.HttpMessageNotWritableException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import ostium.core.base.Messages;
import ostium.core.base.TimeBudget;
import ostium.core.edit.Stored;

/** Errors as {@code application/problem+json} (RFC 9457), in words an owner understands. */
@RestControllerAdvice
@Order(Ordered.HIGHEST_PRECEDENCE)
class Problems {
    private static final Messages WORDS = Messages.of("problem");

    @ExceptionHandler
    ResponseEntity<ProblemDetail> problem(Problem problem) {
        ProblemDetail detail = ProblemDetail.forStatusAndDetail(problem.status(), problem.getMessage());
        detail.setTitle(problem.status().getReasonPhrase());
        if (!problem.field().isEmpty()) {
            detail.setProperty("field", problem.field());
            detail.setProperty("faults", problem.faults());
        }
        ResponseEntity.BodyBuilder answer = ResponseEntity.status(problem.status());
        if (!problem.retryAfter().isZero()) {
            answer.header(
                    HttpHeaders.RETRY_AFTER, String.valueOf(problem.retryAfter().toSeconds()));
        }
        return answer.body(detail);
    }

    /** What is stored cannot be read here, or a program of another version wrote it. */
    @ExceptionHandler
    ProblemDetail unreadable(Stored.Unreadable e) {
        return ProblemDetail.forStatusAndDetail(HttpStatus.CONFLICT, e.getMessage());
    }

    @ExceptionHandler
    ProblemDetail tooLarge(MaxUploadSizeExceededException e, HttpServletRequest request) {
        return ProblemDetail.forStatusAndDetail(HttpStatus.CONTENT_TOO_LARGE, BodyLimit.words(request));
    }

    @ExceptionHandler
    ProblemDetail unreadable(HttpMessageNotReadableException e) {
        return ProblemDetail.forStatusAndDetail(HttpStatus.BAD_REQUEST, WORDS.say("unreadable"));
    }

    /** What was sent keeps a processor busy for longer than any use of it. */
    @ExceptionHandler
    ProblemDetail tooMuchWork(TimeBudget.Spent e, HttpServletRequest request) {
        LoggerFactory.getLogger(Problems.class).warn("{} took too long", request.getMethod());
        return ProblemDetail.forStatusAndDetail(HttpStatus.UNPROCESSABLE_CONTENT, WORDS.say("tooMuchWork"));
    }

    /** A fault of ours, which nobody else would say a word about. */
    @ExceptionHandler
    ProblemDetail unwritable(HttpMessageNotWritableException e) {
        LoggerFactory.getLogger(Problems.class).error("an answer cannot be written", e);
        return ProblemDetail.forStatus(HttpStatus.INTERNAL_SERVER_ERROR);
    }
}
