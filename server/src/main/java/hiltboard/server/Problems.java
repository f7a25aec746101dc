package hiltboard.server;

import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Understood;
import hiltboard.core.measure.Units;
import hiltboard.server.access.AccessService;
import hiltboard.server.access.Person;
import hiltboard.server.data.DataTrouble;
import java.net.URI;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.TypeMismatchException;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import org.springframework.web.servlet.resource.NoResourceFoundException;
import org.springframework.web.util.DisconnectedClientHelper;
import tools.jackson.databind.DatabindException;

/** The one place that turns errors into RFC 9457 problem details. */
@RestControllerAdvice
class Problems extends ResponseEntityExceptionHandler {
    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

    private static final Resource PAGE = new ClassPathResource("static/index.html");

    private final AccessService access;

    Problems(AccessService access) {
        this.access = access;
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> refused(Refusal refusal) {
        ProblemDetail problem = problem(refusal.status(), refusal.kind(), refusal.getMessage());
        refusal.more().forEach(problem::setProperty);
        ResponseEntity.BodyBuilder answer = ResponseEntity.status(refusal.status());
        if (refusal.more().get("waitSeconds") instanceof Long seconds) {
            answer.header(HttpHeaders.RETRY_AFTER, seconds.toString());
        }
        return answer.body(problem);
    }

    /** A quantity that no shop could mean, where the one who asks has no field of his own to put it beside. */
    @ExceptionHandler
    ResponseEntity<ProblemDetail> impossible(ImpossibleQuantity impossible) {
        Units units = access.signedInIfAny().map(Person::units).orElse(Units.MILLIMETRE_CELSIUS);
        return refused(Refusal.impossible(impossible.quantity(), impossible.given(units), impossible, units));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> notKept(DataIntegrityViolationException failure) {
        LOG.warn("The data file refused a change", failure);
        return ResponseEntity.status(HttpStatus.CONFLICT)
                .body(
                        problem(
                                HttpStatus.CONFLICT,
                                "not-kept",
                                "The data file refused this change because it does not fit what is there. Reload the page and try again."));
    }

    /** The disk, not the program: said as what it is, to whoever waits for an answer. */
    @ExceptionHandler
    ResponseEntity<ProblemDetail> trouble(DataTrouble trouble) {
        LOG.error("{}", trouble.kind().words(), trouble);
        return ResponseEntity.status(trouble.kind().status())
                .body(problem(
                        trouble.kind().status(),
                        trouble.kind().word(),
                        trouble.kind().words() + ". Nothing was changed; what you entered is still here. "
                                + trouble.kind().toDo()));
    }

    @ExceptionHandler
    @Nullable
    ResponseEntity<ProblemDetail> defect(Exception failure) {
        if (DisconnectedClientHelper.isClientDisconnectedException(failure)) {
            LOG.debug("A page left before its answer was sent", failure);
            return null;
        }
        LOG.error("A defect of the program", failure);
        return ResponseEntity.internalServerError()
                .body(problem(
                        HttpStatus.INTERNAL_SERVER_ERROR,
                        "defect",
                        "Something is wrong in the program. Nothing was changed; the server's log has the details."));
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException failure, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        if (failure.getCause() instanceof DatabindException mapping && mapping.getCause() instanceof Refusal refusal) {
            return new ResponseEntity<>(refused(refusal).getBody(), headers, refusal.status());
        }
        String where = failure.getCause() instanceof DatabindException mapping
                        && !mapping.getPath().isEmpty()
                ? "The field “"
                        + mapping.getPath().get(mapping.getPath().size() - 1).getPropertyName()
                        + "” is missing or of another kind than expected"
                : "The request's body is not the JSON that is expected here";
        return new ResponseEntity<>(
                problem(HttpStatus.BAD_REQUEST, "malformed", where + "; see /api/openapi.json."), headers, status);
    }

    /** A part of an address, or of a question, that is of another kind than it has to be. */
    @Override
    protected ResponseEntity<Object> handleTypeMismatch(
            TypeMismatchException failure, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        String name = failure instanceof MethodArgumentTypeMismatchException part
                ? part.getName()
                : String.valueOf(failure.getPropertyName());
        return new ResponseEntity<>(
                problem(
                        HttpStatus.BAD_REQUEST,
                        "malformed",
                        Understood.quoted(String.valueOf(failure.getValue())) + " cannot be the “" + name
                                + "” of this address; see /api/openapi.json."),
                headers,
                status);
    }

    /** Whoever follows an old link or mistypes an address sees the page say so; a program gets a problem. */
    @Override
    protected ResponseEntity<Object> handleNoResourceFoundException(
            NoResourceFoundException failure, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        String accepts = String.valueOf(request.getHeader(HttpHeaders.ACCEPT));
        if (!failure.getResourcePath().startsWith("api/") && accepts.contains(MediaType.TEXT_HTML_VALUE)) {
            return ResponseEntity.status(HttpStatus.NOT_FOUND)
                    .contentType(MediaType.TEXT_HTML)
                    .body(PAGE);
        }
        return new ResponseEntity<>(
                problem(HttpStatus.NOT_FOUND, "not-there", "There is nothing at this address."),
                headers,
                HttpStatus.NOT_FOUND);
    }

    private static ProblemDetail problem(HttpStatus status, String kind, String words) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, words);
        problem.setType(URI.create("urn:hilt:" + kind));
        return problem;
    }
}
