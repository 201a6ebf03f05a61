package velvetkettle.server.problem;

import java.net.URI;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.dao.TransientDataAccessException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.security.web.firewall.RequestRejectedException;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.transaction.TransactionSystemException;
import org.springframework.validation.method.ParameterValidationResult;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.annotation.HandlerMethodValidationException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import velvetkettle.core.cut.svg.UnreadableDrawingException;
import velvetkettle.core.plan.option.RuledOutException;
import velvetkettle.core.quantity.ImpossibleValueException;
import velvetkettle.server.compute.BusyException;
import velvetkettle.server.compute.ClientGoneException;
import velvetkettle.server.keeping.DiskRoom;
import velvetkettle.server.keeping.FullException;
import velvetkettle.server.speech.Speech;
import velvetkettle.server.speech.Units;

/** Turns whatever went wrong into a problem detail that says what, where and what to do. */
@RestControllerAdvice
class Problems extends ResponseEntityExceptionHandler {
  private final Speech speech;
  private final DiskRoom room;
  private final Outages outages = new Outages();
  private final Faults faults = new Faults();

  Problems(Speech speech, DiskRoom room) {
    this.speech = speech;
    this.room = room;
  }

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
  ProblemDetail impossibleValue(ImpossibleValueException e) {
    return fields(
        "impossible-value", List.of(new FieldProblem("", speech.say(e.sentence(), Units.asked()))));
  }

  @ExceptionHandler
  ProblemDetail different(DifferentException e) {
    ProblemDetail problem = problem(HttpStatus.CONFLICT, "different", "Kept otherwise", said(e));
    problem.setProperty("different", e.fields());
    return problem;
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> busy(BusyException e) {
    return later(
        "busy",
        "Busy",
        "Too much is being computed at once. Ask again in a moment; what you typed is kept.",
        BusyException.AGAIN_IN);
  }

  /** The database is down, starts, or has no room; it is looked after by who started it. */
  @ExceptionHandler({
    CannotCreateTransactionException.class,
    DataAccessResourceFailureException.class,
    TransientDataAccessException.class,
    // The connection went away within a transaction, so that it could not even be rolled back.
    TransactionSystemException.class
  })
  ResponseEntity<ProblemDetail> databaseAway(Exception e) {
    if (Outages.isFull(e)) {
      room.ranOut();
      return full(new FullException());
    }
    outages.tell(e);
    return later(
        "no-database",
        "The database does not answer",
        "Nothing was saved by this step; what you typed is kept. It is tried again; if it stays, look at ./kettle status.",
        Outages.AGAIN_IN);
  }

  @ExceptionHandler
  ResponseEntity<ProblemDetail> full(FullException e) {
    return later(
        "full",
        "The disk is full",
        "The disk is full: nothing was saved by this step; what you typed is kept. Make room on it; it goes on by itself.",
        FullException.AGAIN_IN);
  }

  private static ResponseEntity<ProblemDetail> later(
      String type, String title, String detail, int seconds) {
    return ResponseEntity.status(HttpStatus.SERVICE_UNAVAILABLE)
        .header(HttpHeaders.RETRY_AFTER, String.valueOf(seconds))
        .body(problem(HttpStatus.SERVICE_UNAVAILABLE, type, title, detail));
  }

  /** Nobody is there to be told. */
  @ExceptionHandler
  void gone(ClientGoneException e) {}

  @ExceptionHandler
  ResponseEntity<ProblemDetail> slow(SlowBodyException e) {
    return ResponseEntity.status(HttpStatus.REQUEST_TIMEOUT)
        .header(HttpHeaders.CONNECTION, "close")
        .body(
            problem(
                HttpStatus.REQUEST_TIMEOUT,
                "slow",
                "It came too slowly",
                "What was sent did not come whole in time. Send it again."));
  }

  @ExceptionHandler
  ProblemDetail impossibleSign(RequestRejectedException e) {
    return problem(
        HttpStatus.BAD_REQUEST,
        "unreadable",
        "This cannot be read",
        "The address holds a sign that is no letter. Type it again.");
  }

  /** Written down once, under an id that the answer names. */
  @ExceptionHandler
  ProblemDetail ours(Exception e) {
    String id = faults.tell(e);
    ProblemDetail problem =
        problem(
            HttpStatus.INTERNAL_SERVER_ERROR,
            "our-fault",
            "Something broke here",
            "Nothing was saved by this step; what you typed is kept. Try again; if it stays, look for "
                + id
                + " in ./kettle logs.");
    problem.setProperty("fault", id);
    return problem;
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
    for (Throwable cause = e.getCause(); cause != null; cause = cause.getCause()) {
      if (cause instanceof SlowBodyException slow) {
        ResponseEntity<ProblemDetail> answer = slow(slow);
        return ResponseEntity.status(answer.getStatusCode())
            .headers(answer.getHeaders())
            .body(answer.getBody());
      }
    }
    return ResponseEntity.badRequest()
        .body(fields("unreadable", List.of(Unreadable.problem(e.getCause()))));
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
