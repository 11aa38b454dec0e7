package org.livelyladle.server.web;

import java.util.List;
import java.util.stream.Collectors;
import org.livelyladle.core.check.InvalidInputException;
import org.livelyladle.core.check.UnsolvableException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import tools.jackson.core.JacksonException;
import tools.jackson.core.exc.StreamConstraintsException;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.exc.MismatchedInputException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;

/** Errors as RFC 9457 problems that say what was wrong, where, and what is accepted. */
@RestControllerAdvice
class Problems extends ResponseEntityExceptionHandler {

    @ExceptionHandler(InvalidInputException.class)
    ResponseEntity<ProblemDetail> invalid(InvalidInputException e) {
        return answer(problem(HttpStatus.BAD_REQUEST, "Not accepted", e.field(), e.was(), e.accepted()));
    }

    /** Every value is accepted, yet there is no solution. */
    @ExceptionHandler(UnsolvableException.class)
    ResponseEntity<ProblemDetail> unsolvable(UnsolvableException e) {
        ProblemDetail problem =
                ProblemDetail.forStatusAndDetail(HttpStatus.UNPROCESSABLE_CONTENT, String.valueOf(e.getMessage()));
        problem.setTitle("No solution");
        problem.setProperty("field", e.field());
        return answer(problem);
    }

    @ExceptionHandler(RefusedException.class)
    ResponseEntity<ProblemDetail> refused(RefusedException e) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(e.status(), String.valueOf(e.getMessage()));
        problem.setTitle(e.status().getReasonPhrase());
        e.more().forEach(problem::setProperty);
        return answer(problem);
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        for (Throwable cause = e; cause != null; cause = cause.getCause()) {
            if (cause instanceof BodyLimitFilter.BodyTooLongException tooLong) {
                return body(ProblemDetail.forStatusAndDetail(HttpStatus.CONTENT_TOO_LARGE, tooLong.getMessage()));
            }
            if (cause instanceof JacksonException json) {
                return body(unreadable(json));
            }
        }
        return body(ProblemDetail.forStatusAndDetail(HttpStatus.BAD_REQUEST, "The request has no readable JSON body."));
    }

    private static ProblemDetail unreadable(JacksonException e) {
        String path = path(e.getPath());
        if (e.getCause() instanceof InvalidInputException invalid) {
            String field = path.isEmpty() ? invalid.field() : path + "." + invalid.field();
            return problem(HttpStatus.BAD_REQUEST, "Not accepted", field, invalid.was(), invalid.accepted());
        }
        if (e instanceof UnrecognizedPropertyException unknown) {
            String known = unknown.getKnownPropertyIds().stream()
                    .map(String::valueOf)
                    .sorted()
                    .collect(Collectors.joining(", "));
            return problem(HttpStatus.BAD_REQUEST, "Unknown field", path, "unknown", "one of " + known);
        }
        if (e instanceof InvalidFormatException format
                && format.getTargetType() != null
                && format.getTargetType().isEnum()) {
            return problem(
                    HttpStatus.BAD_REQUEST,
                    "Wrong value",
                    path,
                    String.valueOf(format.getValue()),
                    "one of " + List.of(format.getTargetType().getEnumConstants()));
        }
        if (e instanceof MismatchedInputException wrong) {
            String type = wrong.getTargetType() == null
                    ? "another type"
                    : wrong.getTargetType().getSimpleName();
            return problem(HttpStatus.BAD_REQUEST, "Wrong type", path, "of another type or missing", type);
        }
        if (e instanceof StreamConstraintsException) {
            return ProblemDetail.forStatusAndDetail(
                    HttpStatus.BAD_REQUEST, "The JSON is too deep or holds too long a text: " + e.getOriginalMessage());
        }
        ProblemDetail malformed = ProblemDetail.forStatusAndDetail(
                HttpStatus.BAD_REQUEST, "The body is not well-formed JSON: " + e.getOriginalMessage());
        malformed.setTitle("Malformed JSON");
        return malformed;
    }

    private static String path(List<JacksonException.Reference> references) {
        StringBuilder path = new StringBuilder();
        for (JacksonException.Reference reference : references) {
            if (reference.getPropertyName() != null) {
                path.append(path.isEmpty() ? "" : ".").append(reference.getPropertyName());
            } else if (reference.getIndex() >= 0) {
                path.append('[').append(reference.getIndex()).append(']');
            }
        }
        return path.toString();
    }

    private static ProblemDetail problem(HttpStatus status, String title, String field, String was, String accepted) {
        ProblemDetail problem =
                ProblemDetail.forStatusAndDetail(status, field + " was " + was + "; accepted is " + accepted + ".");
        problem.setTitle(title);
        problem.setProperty("field", field);
        problem.setProperty("accepted", accepted);
        return problem;
    }

    private static ResponseEntity<ProblemDetail> answer(ProblemDetail problem) {
        return ResponseEntity.status(problem.getStatus()).body(problem);
    }

    private static ResponseEntity<Object> body(ProblemDetail problem) {
        return ResponseEntity.status(problem.getStatus()).body(problem);
    }
}
