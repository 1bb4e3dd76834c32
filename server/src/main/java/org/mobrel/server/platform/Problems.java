package org.mobrel.server.platform;

import jakarta.validation.ConstraintViolationException;
import java.net.URI;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.apache.tomcat.util.http.InvalidParameterException;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.TypeMismatchException;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.dao.PessimisticLockingFailureException;
import org.springframework.dao.QueryTimeoutException;
import org.springframework.dao.TransientDataAccessException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.transaction.TransactionException;
import org.springframework.validation.FieldError;
import org.springframework.validation.method.ParameterValidationResult;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.MissingServletRequestParameterException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.annotation.HandlerMethodValidationException;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import tools.jackson.core.JacksonException;

/** Every error as an RFC 9457 problem: a stable type, a title, and a detail in words for a cook. */
@RestControllerAdvice
class Problems extends ResponseEntityExceptionHandler {

    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

    /** A row that is pointed to is not there, or still is. */
    private static final Set<Integer> GONE = Set.of(1451, 1452);

    @ExceptionHandler
    ProblemDetail badField(InvalidField wrong) {
        return field(wrong.field(), String.valueOf(wrong.getMessage()));
    }

    @ExceptionHandler
    ProblemDetail missing(NotFound missing) {
        return problem(HttpStatus.NOT_FOUND, "missing", "Not there", String.valueOf(missing.getMessage()));
    }

    @ExceptionHandler
    ProblemDetail conflict(Conflict conflict) {
        return coded(HttpStatus.CONFLICT, "Not now", conflict);
    }

    @ExceptionHandler
    ProblemDetail unfit(Unprocessable unfit) {
        return coded(HttpStatus.UNPROCESSABLE_CONTENT, "This cannot be", unfit);
    }

    @ExceptionHandler
    ProblemDetail notAllowed(Unauthorized why) {
        return coded(HttpStatus.UNAUTHORIZED, "Not let in", why);
    }

    private static ProblemDetail coded(HttpStatus status, String title, CodedProblem why) {
        ProblemDetail problem = problem(status, why.code(), title, String.valueOf(why.getMessage()));
        problem.setProperty("code", why.code());
        why.facts().forEach(problem::setProperty);
        return problem;
    }

    @ExceptionHandler
    ProblemDetail duplicate(DuplicateKeyException duplicate) {
        return conflict(
                new Conflict("someone-was-first", "Another device was first. Look again and decide.", Map.of()));
    }

    /** What a step was about is not there any more: another device took it away, or brought back another kitchen. */
    @ExceptionHandler
    ProblemDetail gone(DataIntegrityViolationException broken) {
        return broken.getRootCause() instanceof SQLException sql && GONE.contains(sql.getErrorCode())
                ? conflict(new Conflict(
                        "someone-was-first",
                        "What this is about was changed meanwhile, by another device or by a backup that was brought back."
                                + " Look again and decide.",
                        Map.of()))
                : bug(broken);
    }

    /** Two steps at once on the same thing, such as while a backup is brought back. */
    @ExceptionHandler
    ProblemDetail busy(PessimisticLockingFailureException locked) {
        LOG.warn("two steps at once: {}", String.valueOf(locked.getMessage()));
        return problem(
                HttpStatus.SERVICE_UNAVAILABLE,
                "busy",
                "Just being changed",
                "Another step is changing the same just now, such as a backup that is brought back. This one was not stored;"
                        + " try again in a moment.");
    }

    @ExceptionHandler
    ProblemDetail violated(ConstraintViolationException violated) {
        return field("", String.valueOf(violated.getMessage()));
    }

    @ExceptionHandler({
        DataAccessResourceFailureException.class,
        TransientDataAccessException.class,
        QueryTimeoutException.class,
        TransactionException.class
    })
    ProblemDetail database(Exception unreachable) {
        Optional<DatabaseFault> known = DatabaseFault.of(unreachable);
        if (known.isPresent()) {
            return ailing(known.get(), unreachable);
        }
        LOG.warn("the database did not answer: {}", String.valueOf(unreachable.getMessage()));
        return problem(
                HttpStatus.SERVICE_UNAVAILABLE,
                "database",
                "The database does not answer",
                "What was stored is stored; this last step was not. Try again in a moment.");
    }

    private static ProblemDetail ailing(DatabaseFault fault, Exception error) {
        LOG.error("{}: {}", fault.title(), String.valueOf(error.getMessage()));
        return problem(fault.status(), fault.type(), fault.title(), fault.detail());
    }

    @ExceptionHandler
    ProblemDetail bug(RuntimeException bug) {
        Optional<DatabaseFault> known = DatabaseFault.of(bug);
        if (known.isPresent()) {
            return ailing(known.get(), bug);
        }
        LOG.error("unexpected", bug);
        return problem(
                HttpStatus.INTERNAL_SERVER_ERROR,
                "bug",
                "Something is wrong in Mobrel",
                "This should not happen. Nothing was stored by this step; the log has the details.");
    }

    @Override
    protected @Nullable ResponseEntity<Object> handleMethodArgumentNotValid(
            MethodArgumentNotValidException invalid, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        List<FieldError> wrong = invalid.getBindingResult().getFieldErrors();
        ProblemDetail problem = wrong.isEmpty()
                ? field("", "The request cannot be read.")
                : field(wrong.get(0).getField(), String.valueOf(wrong.get(0).getDefaultMessage()));
        return ResponseEntity.badRequest().body(problem);
    }

    /** A value in the address: the answer names it as it names a field of a body. */
    @Override
    protected @Nullable ResponseEntity<Object> handleHandlerMethodValidationException(
            HandlerMethodValidationException invalid, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        ParameterValidationResult first =
                invalid.getParameterValidationResults().get(0);
        String name = String.valueOf(first.getMethodParameter().getParameterName());
        String reason = String.valueOf(first.getResolvableErrors().get(0).getDefaultMessage());
        return ResponseEntity.badRequest().body(field(name, reason));
    }

    @Override
    protected @Nullable ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException unreadable,
            HttpHeaders headers,
            HttpStatusCode status,
            WebRequest request) {
        Optional<BodyTooLarge> large = largeBody(unreadable);
        if (large.isPresent()) {
            return ResponseEntity.status(HttpStatus.CONTENT_TOO_LARGE).body(tooLargeWords(large.get()));
        }
        String field = unreadable.getCause() instanceof JacksonException json ? path(json) : "";
        return ResponseEntity.badRequest()
                .body(
                        field.isEmpty()
                                ? field("body", "This is not the JSON that is expected here.")
                                : field(field, "This value cannot be read."));
    }

    /** What the framework refuses by itself gets our type and our words; its own speak of methods and converters. */
    @Override
    protected @Nullable ResponseEntity<Object> handleExceptionInternal(
            Exception refused, @Nullable Object body, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        ProblemDetail words = problem(
                Objects.requireNonNullElse(HttpStatus.resolve(status.value()), HttpStatus.BAD_REQUEST),
                ProblemWriter.type(status.value()),
                ProblemWriter.title(status.value()),
                ProblemWriter.words(status.value()));
        if (status.value() == 400) {
            words.setProperty("field", ProblemWriter.ADDRESS);
        }
        return super.handleExceptionInternal(refused, words, headers, status, request);
    }

    /** A value in the address that is not what stands there: the answer names it, and says nothing of Java. */
    @Override
    protected @Nullable ResponseEntity<Object> handleTypeMismatch(
            TypeMismatchException mismatch, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        String name = mismatch instanceof MethodArgumentTypeMismatchException argument
                ? argument.getName()
                : String.valueOf(mismatch.getPropertyName());
        return ResponseEntity.badRequest().body(field(name, wanted(mismatch.getRequiredType())));
    }

    private static String wanted(@Nullable Class<?> type) {
        if (type == null) {
            return "this cannot be read";
        }
        if (type == boolean.class || type == Boolean.class) {
            return "true or false";
        }
        boolean number = type.isPrimitive() || Number.class.isAssignableFrom(type);
        return number ? "a number" : type == LocalDate.class ? "a day, such as 2026-03-07" : "this cannot be read";
    }

    @Override
    protected @Nullable ResponseEntity<Object> handleMissingServletRequestParameter(
            MissingServletRequestParameterException missing,
            HttpHeaders headers,
            HttpStatusCode status,
            WebRequest request) {
        return ResponseEntity.badRequest().body(field(missing.getParameterName(), "it is missing"));
    }

    /** Bytes in an address or a form that are no text. */
    @ExceptionHandler
    ProblemDetail noText(InvalidParameterException unreadable) {
        return field(ProblemWriter.ADDRESS, "what stands in the address is no readable text");
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> tooLarge(BodyTooLarge large) {
        return ResponseEntity.status(HttpStatus.CONTENT_TOO_LARGE).body(tooLargeWords(large));
    }

    private static ProblemDetail tooLargeWords(BodyTooLarge large) {
        return problem(
                HttpStatus.CONTENT_TOO_LARGE,
                "too-large",
                "Too large",
                "At most %s go in here.".formatted(BodyLimits.words(large.most())));
    }

    private static Optional<BodyTooLarge> largeBody(@Nullable Throwable why) {
        for (Throwable cause = why; cause != null; cause = cause.getCause()) {
            if (cause instanceof BodyTooLarge large) {
                return Optional.of(large);
            }
        }
        return Optional.empty();
    }

    private static String path(JacksonException wrong) {
        StringBuilder path = new StringBuilder();
        for (JacksonException.Reference step : wrong.getPath()) {
            if (step.getPropertyName() == null) {
                path.append('[').append(step.getIndex()).append(']');
            } else {
                path.append(path.isEmpty() ? "" : ".").append(step.getPropertyName());
            }
        }
        return path.toString();
    }

    private static ProblemDetail field(String field, String message) {
        ProblemDetail problem = problem(
                HttpStatus.BAD_REQUEST,
                "bad-field",
                "A value is missing or cannot be used",
                field.isEmpty() ? message : field + ": " + message);
        problem.setProperty("field", field);
        // The same without the field's name, for where it is shown at the field.
        problem.setProperty("reason", message);
        return problem;
    }

    private static ProblemDetail problem(HttpStatus status, String type, String title, String detail) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
        problem.setType(URI.create("urn:mobrel:problem:" + type));
        problem.setTitle(title);
        return problem;
    }
}
