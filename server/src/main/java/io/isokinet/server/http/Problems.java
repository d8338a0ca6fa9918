package io.isokinet.server.http;

import io.isokinet.core.check.Deadline;
import io.isokinet.core.check.Finding;
import io.isokinet.core.check.FoundException;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import org.hibernate.exception.JDBCConnectionException;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.dao.QueryTimeoutException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.orm.jpa.JpaSystemException;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.transaction.TransactionTimedOutException;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.multipart.MultipartException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import tools.jackson.databind.DatabindException;
import tools.jackson.databind.exc.InvalidFormatException;

/** Every failure as RFC 9457 problem details that name the field and the remedy; never a stack trace. */
@RestControllerAdvice
class Problems extends ResponseEntityExceptionHandler {
    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

    @ExceptionHandler(NotFoundException.class)
    ProblemDetail notFound(NotFoundException e) {
        return problem(HttpStatus.NOT_FOUND, "Not found", e.getMessage());
    }

    @ExceptionHandler(FoundException.class)
    ProblemDetail findings(FoundException e) {
        ProblemDetail problem =
                problem(HttpStatus.BAD_REQUEST, "Please check what is marked", "Nothing was changed. " + first(e));
        problem.setProperty("findings", e.findings().all());
        return problem;
    }

    private static String first(FoundException e) {
        Finding first = e.findings().all().get(0);
        int more = e.findings().all().size() - 1;
        return first.where() + ": " + first.message() + (more == 0 ? "" : " (and %d more)".formatted(more));
    }

    @ExceptionHandler(IllegalArgumentException.class)
    ProblemDetail illegal(IllegalArgumentException e) {
        return problem(HttpStatus.BAD_REQUEST, "It cannot be done this way", e.getMessage());
    }

    @ExceptionHandler({EditRaceException.class, OptimisticLockingFailureException.class})
    ProblemDetail race(RuntimeException e) {
        String detail = e instanceof EditRaceException
                ? e.getMessage()
                : "It was changed by someone else since you opened it. Reload it and save again.";
        return problem(HttpStatus.PRECONDITION_FAILED, "Changed meanwhile", detail);
    }

    /** Two at once, on something that has no version; or what it refers to has gone, or was never of this school. */
    @ExceptionHandler(DataIntegrityViolationException.class)
    ProblemDetail clash(DataIntegrityViolationException e) {
        LOG.warn("Refused by the database: {}", state(e));
        return problem(
                HttpStatus.CONFLICT,
                "Changed meanwhile",
                "Somebody else did this at the same moment, or what it refers to is not there any more. Reload it and try again.");
    }

    /** What kind of rule was broken (SQLSTATE), without any value. */
    private static String state(Throwable failure) {
        for (Throwable t = failure; t != null; t = t.getCause())
            if (t instanceof SQLException sql) return String.valueOf(sql.getSQLState());
        return "unknown";
    }

    @ExceptionHandler(VersionMissingException.class)
    ProblemDetail unversioned(VersionMissingException e) {
        return problem(HttpStatus.PRECONDITION_REQUIRED, "Version missing", e.getMessage());
    }

    @ExceptionHandler({
        DataAccessResourceFailureException.class,
        CannotCreateTransactionException.class,
        JDBCConnectionException.class
    })
    ProblemDetail databaseGone(RuntimeException e) {
        LOG.warn("The database does not answer: {}", e.getMessage());
        return DatabaseGone.problem(e);
    }

    @ExceptionHandler({
        Deadline.PassedException.class,
        TransactionTimedOutException.class,
        QueryTimeoutException.class,
        JpaSystemException.class
    })
    ProblemDetail tooLong(RuntimeException e) {
        // Hibernate says it in words alone.
        if (e instanceof JpaSystemException && !String.valueOf(e.getMessage()).contains("timeout"))
            return unexpected(e);
        LOG.warn("Ended because it took too long: {}", e.getClass().getSimpleName());
        return problem(
                HttpStatus.SERVICE_UNAVAILABLE,
                "It took too long",
                "The server is busy and gave it up. Nothing was changed. Try again in a minute, with less at once if it can be parted.");
    }

    @ExceptionHandler(MethodArgumentTypeMismatchException.class)
    ProblemDetail mistyped(MethodArgumentTypeMismatchException e) {
        ProblemDetail problem = problem(
                HttpStatus.BAD_REQUEST, "Please check what is marked", e.getName() + ": " + misplaced(e.getValue()));
        problem.setProperty("findings", List.of(new Finding("field", e.getName(), misplaced(e.getValue()))));
        return problem;
    }

    private static String misplaced(@Nullable Object value) {
        return "“%s” is not what belongs there.".formatted(value);
    }

    @ExceptionHandler(MultipartException.class)
    ProblemDetail cutOff(MultipartException e) {
        return problem(
                HttpStatus.BAD_REQUEST,
                "The file did not arrive whole",
                "The upload was cut off, or its name cannot be read. Nothing was changed. Choose the file once more.");
    }

    @ExceptionHandler(Exception.class)
    ProblemDetail unexpected(Exception e) {
        if (DatabaseGone.isCauseOf(e)) return DatabaseGone.problem(e);
        LOG.error("Unexpected failure", e);
        return problem(
                HttpStatus.INTERNAL_SERVER_ERROR,
                "Something went wrong here",
                "This is our fault, not yours. Nothing was changed; try once more.");
    }

    @Override
    protected ResponseEntity<Object> handleMethodArgumentNotValid(
            MethodArgumentNotValidException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        List<Finding> findings = e.getFieldErrors().stream()
                .map(f -> new Finding(
                        "field",
                        f.getField(),
                        f.isBindingFailure() ? misplaced(f.getRejectedValue()) : String.valueOf(f.getDefaultMessage())))
                .toList();
        Finding first = findings.isEmpty() ? new Finding("field", "body", "is not valid") : findings.get(0);
        ProblemDetail problem =
                problem(HttpStatus.BAD_REQUEST, "Please check what is marked", first.where() + ": " + first.message());
        problem.setProperty("findings", findings);
        return ResponseEntity.badRequest().body(problem);
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        DatabindException databind = databind(e);
        String field = databind == null
                ? "body"
                : databind.getPath().stream()
                        .map(p -> p.getPropertyName() == null ? "[" + p.getIndex() + "]" : p.getPropertyName())
                        .reduce((a, b) -> a + "." + b)
                        .orElse("body");
        String message = shape(databind);
        ProblemDetail problem = problem(HttpStatus.BAD_REQUEST, "Please check what is marked", field + ": " + message);
        problem.setProperty("findings", List.of(new Finding("field", field, message)));
        return ResponseEntity.badRequest().body(problem);
    }

    private static @Nullable DatabindException databind(Throwable failure) {
        for (Throwable t = failure; t != null; t = t.getCause()) if (t instanceof DatabindException d) return d;
        return null;
    }

    /** What should have stood there. */
    private static String shape(@Nullable DatabindException cause) {
        Class<?> wanted = cause instanceof InvalidFormatException format ? format.getTargetType() : Object.class;
        if (wanted == String.class && cause != null) return cause.getOriginalMessage();
        if (wanted == Instant.class) return "must be a moment between 1900 and 2200, such as 2027-01-31T09:15:00Z.";
        if (wanted == LocalTime.class) return "must be a time of the day, 00:00 to 23:59, such as 09:15.";
        if (wanted == LocalDate.class)
            return "must be a day of the calendar between 1900 and 2200, such as 2027-01-31.";
        return "cannot be read; web/openapi.json says what belongs there.";
    }

    @Override
    protected ResponseEntity<Object> handleMaxUploadSizeExceededException(
            MaxUploadSizeExceededException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        return ResponseEntity.status(HttpStatus.CONTENT_TOO_LARGE)
                .body(problem(
                        HttpStatus.CONTENT_TOO_LARGE,
                        "Too large",
                        "A file may have 10 MB and all together 20 MB; split it."));
    }

    private static ProblemDetail problem(HttpStatus status, String title, @Nullable String detail) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, String.valueOf(detail));
        problem.setTitle(title);
        return problem;
    }
}
