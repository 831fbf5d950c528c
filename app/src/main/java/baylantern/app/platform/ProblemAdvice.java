package baylantern.app.platform;

import baylantern.core.exchange.NotebookRefused;
import baylantern.core.fit.FitRefused;
import baylantern.core.rules.Quantity;
import jakarta.servlet.http.HttpServletRequest;
import java.io.EOFException;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.concurrent.TimeoutException;
import org.eclipse.jetty.http.HttpException;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.TypeMismatchException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.PessimisticLockingFailureException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.MissingServletRequestParameterException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import org.springframework.web.servlet.resource.NoResourceFoundException;

/** Turns every fault into problem details (RFC 9457) with a sentence, the field, the value and the valid range. */
@RestControllerAdvice
class ProblemAdvice extends ResponseEntityExceptionHandler {

    private static final Logger LOG = LoggerFactory.getLogger(ProblemAdvice.class);

    private final StoreTrouble trouble;
    private final Pen pen;

    ProblemAdvice(StoreTrouble trouble, Pen pen) {
        this.trouble = trouble;
        this.pen = pen;
    }

    @ExceptionHandler
    ProblemDetail farm(FarmProblem problem) {
        ProblemDetail detail =
                ProblemDetail.forStatusAndDetail(problem.status(), Objects.requireNonNull(problem.getMessage()));
        if (!problem.faults().isEmpty()) {
            detail.setProperty("fields", problem.faults());
        }
        return detail;
    }

    @ExceptionHandler
    ProblemDetail notebook(NotebookRefused refused) {
        return ProblemDetail.forStatusAndDetail(
                HttpStatus.UNPROCESSABLE_CONTENT, Objects.requireNonNull(refused.getMessage()));
    }

    @ExceptionHandler
    ProblemDetail fit(FitRefused refused) {
        String sentence = refused.sentence();
        ProblemDetail detail = ProblemDetail.forStatusAndDetail(HttpStatus.UNPROCESSABLE_CONTENT, sentence);
        detail.setProperty("fields", List.of(field(refused.field(), refused.value(), refused.valid(), sentence)));
        return detail;
    }

    @ExceptionHandler
    ProblemDetail clash(DataIntegrityViolationException e) {
        LOG.debug("refused by the store", e);
        return ProblemDetail.forStatusAndDetail(
                HttpStatus.CONFLICT, "Something of that name is there already, or something else still needs this.");
    }

    @ExceptionHandler
    ProblemDetail busy(PessimisticLockingFailureException e) {
        LOG.debug("two wrote to the same at once", e);
        return ProblemDetail.forStatusAndDetail(
                HttpStatus.CONFLICT, "Somebody else is writing to the same just now; nothing was changed. Try again.");
    }

    @ExceptionHandler({
        HttpException.IllegalArgumentException.class,
        HttpException.IllegalStateException.class,
        HttpException.RuntimeException.class
    })
    ProblemDetail unreadable(RuntimeException e) {
        LOG.debug("what is asked for holds what is no letter", e);
        return ProblemDetail.forStatusAndDetail(
                HttpStatus.BAD_REQUEST, "What is asked for cannot be read: it holds what is no letter.");
    }

    // Whoever sent it fell silent, or went away: no fault of ours, and nothing was done yet.
    @ExceptionHandler
    ProblemDetail brokenOff(IOException e, HttpServletRequest request) {
        boolean silent = e.getCause() instanceof TimeoutException;
        if (!silent && !(e instanceof EOFException)) {
            return unexpected(e, request);
        }
        LOG.debug("{} {} did not arrive whole", request.getMethod(), request.getRequestURI(), e);
        return silent
                ? ProblemDetail.forStatusAndDetail(
                        HttpStatus.REQUEST_TIMEOUT, "This took too long to arrive; nothing was changed. Try again.")
                : ProblemDetail.forStatusAndDetail(
                        HttpStatus.BAD_REQUEST, "This did not arrive whole; nothing was changed. Try again.");
    }

    @ExceptionHandler
    ProblemDetail unexpected(Exception e, HttpServletRequest request) {
        String shut = trouble.saidOf(e);
        if (shut != null) {
            return ProblemDetail.forStatusAndDetail(HttpStatus.INSUFFICIENT_STORAGE, shut);
        }
        if (isServedAgain()) {
            LOG.debug("{} {} is served again, holding the pen", request.getMethod(), request.getRequestURI(), e);
        } else {
            LOG.error("{} {} failed", request.getMethod(), request.getRequestURI(), e);
        }
        return ProblemDetail.forStatusAndDetail(
                HttpStatus.INTERNAL_SERVER_ERROR, "Something went wrong here; nothing was changed. Try again.");
    }

    // What fails because somebody else wrote meanwhile is no fault of ours.
    private boolean isServedAgain() {
        try {
            return pen.groundMoved();
        } catch (RuntimeException e) {
            LOG.debug("the pen cannot be seen", e);
            return false;
        }
    }

    @Override
    protected @Nullable ResponseEntity<Object> handleMethodArgumentNotValid(
            MethodArgumentNotValidException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        List<Map<String, String>> fields = e.getBindingResult().getFieldErrors().stream()
                .map(error -> field(
                        asSent(error.getField()),
                        Objects.toString(error.getRejectedValue(), ""),
                        Quantity.fixed(Objects.toString(error.getDefaultMessage(), "")),
                        FieldWords.sentence(
                                error.getField(), Quantity.fixed(Objects.toString(error.getDefaultMessage(), "")))))
                .toList();
        ProblemDetail detail = ProblemDetail.forStatusAndDetail(HttpStatus.UNPROCESSABLE_CONTENT, told(fields));
        detail.setProperty("fields", fields);
        return ResponseEntity.unprocessableContent().body(detail);
    }

    // A part of a nested record that is sent flat is named without it: "cut.cutOn" was sent as "cutOn".
    private static String asSent(String field) {
        return field.contains("[") ? field : field.substring(field.lastIndexOf('.') + 1);
    }

    private static String told(List<Map<String, String>> fields) {
        return fields.size() == 1
                ? "One entry cannot be: " + fields.get(0).get("sentence") + "."
                : fields.size() + " entries cannot be: "
                        + String.join(
                                "; ",
                                fields.stream().map(f -> f.get("sentence")).toList()) + ".";
    }

    @Override
    protected @Nullable ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        if (e.getMostSpecificCause() instanceof FitRefused refused) {
            return ResponseEntity.unprocessableContent().body(fit(refused));
        }
        return ResponseEntity.badRequest().body(farm(OddEntry.sent(e)));
    }

    @Override
    protected @Nullable ResponseEntity<Object> handleTypeMismatch(
            TypeMismatchException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        String name = e instanceof MethodArgumentTypeMismatchException of ? of.getName() : e.getPropertyName();
        return ResponseEntity.badRequest().body(farm(OddEntry.asked(Objects.toString(name, ""), e)));
    }

    @Override
    protected @Nullable ResponseEntity<Object> handleMissingServletRequestParameter(
            MissingServletRequestParameterException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        return ResponseEntity.badRequest().body(farm(OddEntry.missing(e.getParameterName())));
    }

    @Override
    protected @Nullable ResponseEntity<Object> handleNoResourceFoundException(
            NoResourceFoundException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        ProblemDetail detail =
                ProblemDetail.forStatusAndDetail(status, "There is nothing at /" + e.getResourcePath() + ".");
        return ResponseEntity.status(status).body(detail);
    }

    private static Map<String, String> field(
            String name, @Nullable String value, @Nullable String valid, @Nullable String sentence) {
        return Map.of(
                "field", name,
                "value", Objects.toString(value, ""),
                "valid", Objects.toString(valid, ""),
                "sentence", Objects.toString(sentence, ""));
    }
}
