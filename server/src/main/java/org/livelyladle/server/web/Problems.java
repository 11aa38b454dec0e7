package org.livelyladle.server.web;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.livelyladle.core.check.InvalidInputException;
import org.livelyladle.core.check.UnsolvableException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
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
import tools.jackson.databind.exc.InvalidTypeIdException;
import tools.jackson.databind.exc.MismatchedInputException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;

/** Errors as RFC 9457 problems that say what was wrong, where, and what is accepted. */
@RestControllerAdvice
class Problems extends ResponseEntityExceptionHandler {

    /** So many steps of the way to a failure are noted. */
    private static final int FRAMES = 12;

    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

    /** Noted by where it happened, without its message: that may quote what a guest said. */
    @ExceptionHandler(Exception.class)
    ResponseEntity<ProblemDetail> failed(Exception e) {
        Failures failure = Failures.of(e);
        if (failure.status() == HttpStatus.INTERNAL_SERVER_ERROR) {
            LOG.error(
                    "{} at {}",
                    e.getClass().getName(),
                    Stream.of(e.getStackTrace())
                            .limit(FRAMES)
                            .map(String::valueOf)
                            .collect(Collectors.joining(", ")));
        }
        HttpHeaders headers = new HttpHeaders();
        failure.retryAfter().ifPresent(seconds -> headers.set(HttpHeaders.RETRY_AFTER, seconds));
        return ResponseEntity.status(failure.status())
                .headers(headers)
                .body(ProblemDetail.forStatusAndDetail(failure.status(), failure.detail()));
    }

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

    @ExceptionHandler(BodyLimitFilter.BodyTooLongException.class)
    ResponseEntity<ProblemDetail> tooLong(BodyLimitFilter.BodyTooLongException e) {
        return answer(ProblemDetail.forStatusAndDetail(HttpStatus.CONTENT_TOO_LARGE, e.getMessage()));
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
        if (e instanceof InvalidTypeIdException edit) {
            return problem(
                    HttpStatus.BAD_REQUEST,
                    "Wrong value",
                    path + ".edit",
                    edit.getTypeId() == null ? "missing" : edit.getTypeId(),
                    "one of " + EditNames.all());
        }
        if (e instanceof MismatchedInputException wrong) {
            return problem(
                    HttpStatus.BAD_REQUEST,
                    "Wrong type",
                    path,
                    "of another type or missing",
                    word(wrong.getTargetType()));
        }
        if (e instanceof StreamConstraintsException) {
            return ProblemDetail.forStatusAndDetail(
                    HttpStatus.BAD_REQUEST, "The JSON is nested too deep or holds too long a text or number.");
        }
        ProblemDetail malformed = ProblemDetail.forStatusAndDetail(
                HttpStatus.BAD_REQUEST, "The body is not well-formed JSON" + place(e) + ".");
        malformed.setTitle("Malformed JSON");
        return malformed;
    }

    private static String place(JacksonException e) {
        return e.getLocation() == null || e.getLocation().getLineNr() < 1
                ? ""
                : " at line " + e.getLocation().getLineNr() + ", column "
                        + e.getLocation().getColumnNr();
    }

    /** What a type is called by whoever writes JSON. */
    private static String word(@Nullable Class<?> type) {
        if (type == null) {
            return "another type";
        }
        if (type == int.class || type == Integer.class || type == long.class || type == Long.class) {
            return "a whole number";
        }
        if (type == double.class || type == Double.class) {
            return "a number";
        }
        if (type == boolean.class || type == Boolean.class) {
            return "true or false";
        }
        if (type == LocalDateTime.class) {
            return "a date and time such as 2026-11-28T19:00:00";
        }
        if (type == LocalDate.class) {
            return "a date such as 2026-11-28";
        }
        if (type == LocalTime.class) {
            return "a time such as 09:30:00";
        }
        if (type == Instant.class) {
            return "a moment such as 2026-11-28T18:00:00Z";
        }
        if (type == UUID.class) {
            return "a UUID";
        }
        if (Collection.class.isAssignableFrom(type)) {
            return "a list";
        }
        return type == String.class || type.isEnum() ? "a text" : "an object";
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
