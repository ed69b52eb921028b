package ostium.app.web;

import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;

/** Errors as {@code application/problem+json} (RFC 9457), in words an owner understands. */
@RestControllerAdvice
class Problems {
    @ExceptionHandler
    ProblemDetail problem(Problem problem) {
        ProblemDetail detail = ProblemDetail.forStatusAndDetail(problem.status(), problem.getMessage());
        detail.setTitle(problem.status().getReasonPhrase());
        if (!problem.field().isEmpty()) {
            detail.setProperty("field", problem.field());
        }
        return detail;
    }

    @ExceptionHandler
    ProblemDetail unreadable(HttpMessageNotReadableException e) {
        return ProblemDetail.forStatusAndDetail(HttpStatus.BAD_REQUEST, "This could not be read.");
    }
}
