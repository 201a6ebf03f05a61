package velvetkettle.server.problem;

import com.fasterxml.jackson.databind.JsonMappingException;
import java.net.URI;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.validation.method.ParameterValidationResult;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.annotation.HandlerMethodValidationException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import velvetkettle.core.cut.svg.UnreadableDrawingException;
import velvetkettle.core.plan.option.RuledOutException;
import velvetkettle.server.speech.Speech;
import velvetkettle.server.speech.Units;

/** Turns whatever went wrong into a problem detail that says what, where and what to do. */
@RestControllerAdvice
class Problems extends ResponseEntityExceptionHandler {
  private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

  private final Speech speech;

  Problems(Speech speech) {
    this.speech = speech;
  }

  /** A field and what is wrong with it. */
  record FieldProblem(String field, String message) {}

  @ExceptionHandler
  ProblemDetail notFound(NotFoundException e) {
    return problem(HttpStatus.NOT_FOUND, "not-found", "Not there", said(e));
  }

  @ExceptionHandler
  ProblemDetail stale(StaleException e) {
    ProblemDetail problem = problem(HttpStatus.CONFLICT, "stale", "Changed elsewhere", said(e));
    problem.setProperty("yours", e.yours());
    problem.setProperty("current", e.current());
    return problem;
  }

  /** Two requests for one thing at the same moment: the first one counts. */
  @ExceptionHandler
  ProblemDetail twice(DuplicateKeyException e) {
    return problem(
        HttpStatus.CONFLICT,
        "twice",
        "Sent twice at once",
        "The same was sent twice at the same moment, and the first one counts. Load it again.");
  }

  @ExceptionHandler
  ProblemDetail refused(RefusedException e) {
    return fields(
        "refused", List.of(new FieldProblem(e.field(), speech.say(e.sentence(), Units.asked()))));
  }

  @ExceptionHandler
  ProblemDetail unreadable(UnreadableDrawingException e) {
    return fields(
        "refused", List.of(new FieldProblem("file", speech.say(e.sentence(), Units.asked()))));
  }

  @ExceptionHandler
  ProblemDetail ruledOut(RuledOutException e) {
    String reason = speech.say(e.ruledOut().reason(), Units.asked());
    String lift = speech.say(e.ruledOut().lift(), Units.asked());
    return fields(
        "ruled-out", List.of(new FieldProblem("decorations.medium", reason + " " + lift)));
  }

  @ExceptionHandler
  ProblemDetail impossibleValue(IllegalArgumentException e) {
    return fields("impossible-value", List.of(new FieldProblem("", said(e))));
  }

  @ExceptionHandler
  ProblemDetail ours(Exception e) {
    LOG.error("A request failed", e);
    return problem(
        HttpStatus.INTERNAL_SERVER_ERROR,
        "our-fault",
        "Something broke here",
        "Nothing was saved by this step; what you typed is kept. Try again; if it stays, look at ./kettle logs.");
  }

  @Override
  protected ResponseEntity<Object> handleMethodArgumentNotValid(
      MethodArgumentNotValidException e,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    List<FieldProblem> found =
        e.getBindingResult().getFieldErrors().stream()
            .map(
                error ->
                    new FieldProblem(
                        error.getField(), error.getField() + " " + error.getDefaultMessage()))
            .toList();
    return ResponseEntity.unprocessableEntity().body(fields("invalid", found));
  }

  @Override
  protected ResponseEntity<Object> handleHttpMessageNotReadable(
      HttpMessageNotReadableException e,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    FieldProblem found =
        e.getCause() instanceof JsonMappingException mapping && !mapping.getPath().isEmpty()
            ? new FieldProblem(
                Unreadable.where(mapping),
                Unreadable.where(mapping) + ": " + Unreadable.what(mapping))
            : new FieldProblem(
                "", "The request is not readable JSON, or it is larger than 500 kB.");
    return ResponseEntity.badRequest().body(fields("unreadable", List.of(found)));
  }

  /** Page numbers, sizes and the like in the address. */
  @Override
  protected ResponseEntity<Object> handleHandlerMethodValidationException(
      HandlerMethodValidationException e,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    List<FieldProblem> found =
        e.getParameterValidationResults().stream()
            .flatMap(
                result ->
                    result.getResolvableErrors().stream()
                        .map(error -> parameter(result, error.getDefaultMessage())))
            .toList();
    return ResponseEntity.unprocessableEntity().body(fields("invalid", found));
  }

  private static FieldProblem parameter(ParameterValidationResult result, @Nullable String what) {
    String name = result.getMethodParameter().getParameterName();
    return new FieldProblem(name == null ? "" : name, name + " " + what);
  }

  /** What the framework refuses by itself gets a type of ours as well. */
  @Override
  protected ResponseEntity<Object> createResponseEntity(
      @Nullable Object body, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
    if (body instanceof ProblemDetail problem
        && "about:blank".equals(String.valueOf(problem.getType()))) {
      problem.setType(URI.create("urn:velvet-kettle:problem:" + status.value()));
    }
    return super.createResponseEntity(body, headers, status, request);
  }

  private static String said(Exception e) {
    String message = e.getMessage();
    return message == null ? e.getClass().getSimpleName() : message;
  }

  private static ProblemDetail fields(String type, List<FieldProblem> found) {
    String detail = found.stream().map(FieldProblem::message).collect(Collectors.joining(" "));
    HttpStatus status =
        type.equals("unreadable") ? HttpStatus.BAD_REQUEST : HttpStatus.UNPROCESSABLE_ENTITY;
    ProblemDetail problem = problem(status, type, "This cannot be kept as it stands", detail);
    problem.setProperty("fields", found);
    return problem;
  }

  private static ProblemDetail problem(
      HttpStatus status, String type, String title, @Nullable String detail) {
    ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
    problem.setType(URI.create("urn:velvet-kettle:problem:" + type));
    problem.setTitle(title);
    return problem;
  }
}
