package emberyard.server.api;

import emberyard.core.units.InvalidValue;
import emberyard.core.units.InvalidValues;
import emberyard.server.refusal.Refused;
import emberyard.server.store.MissingThing;
import emberyard.server.store.StaleThing;
import emberyard.server.store.StoreState;
import emberyard.server.store.ThingStore;
import java.util.List;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.ErrorResponse;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.async.AsyncRequestNotUsableException;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.exc.InvalidFormatException;

/** Turns everything that can go wrong into a sentence at the right place. */
@RestControllerAdvice
class Problems {
  private static final Logger LOG = LoggerFactory.getLogger(Problems.class);
  private final StoreState state;

  Problems(StoreState state) {
    this.state = state;
  }

  @ExceptionHandler
  ResponseEntity<Problem> invalid(InvalidValue problem) {
    return invalid("", problem);
  }

  @ExceptionHandler
  ResponseEntity<Problem> unreadable(HttpMessageNotReadableException problem) {
    return problem.getCause() instanceof JacksonException json
        ? unreadable(json)
        : answer(HttpStatus.BAD_REQUEST, "The body is missing or is not JSON.");
  }

  @ExceptionHandler
  ResponseEntity<Problem> unreadable(JacksonException problem) {
    String path =
        problem.getPath().stream()
            .map(
                step ->
                    step.getPropertyName() != null
                        ? step.getPropertyName()
                        : String.valueOf(step.getIndex()))
            .collect(Collectors.joining("/"));
    for (Throwable cause = problem; cause != null; cause = cause.getCause()) {
      if (cause instanceof InvalidValue invalid) {
        return invalid(path, invalid);
      }
    }
    if (path.isEmpty()) {
      return answer(HttpStatus.BAD_REQUEST, "The body is not JSON that can be read.");
    }
    return invalid("", new InvalidValue(path, "“" + path + "” " + whatIsWrong(problem)));
  }

  private static String whatIsWrong(JacksonException problem) {
    return problem instanceof InvalidFormatException odd && odd.getValue() instanceof Number
        ? "takes a whole number."
        : "is missing or can't be read.";
  }

  @ExceptionHandler
  ResponseEntity<Problem> invalid(MethodArgumentNotValidException problem) {
    List<Problem.FieldError> errors =
        problem.getFieldErrors().stream()
            .map(
                error ->
                    new Problem.FieldError(
                        "#/" + error.getField().replace('.', '/'),
                        error.getField() + " " + error.getDefaultMessage() + "."))
            .toList();
    return answer(new Problem("about:blank", errors.get(0).sentence(), 422, errors, null, null));
  }

  @ExceptionHandler
  ResponseEntity<Problem> unreadable(MethodArgumentTypeMismatchException problem) {
    String name = problem.getName();
    return invalid(
        "", new InvalidValue(name, "“%s” can't be read as %s.".formatted(name, wanted(problem))));
  }

  private static String wanted(MethodArgumentTypeMismatchException problem) {
    Class<?> type = problem.getRequiredType();
    boolean number = type != null && (type.isPrimitive() || Number.class.isAssignableFrom(type));
    return number ? "a whole number" : "what is asked for here";
  }

  @ExceptionHandler
  ResponseEntity<Problem> stale(StaleThing problem) {
    List<Problem.FieldError> errors =
        problem.conflicts().stream()
            .map(pointer -> new Problem.FieldError(pointer, problem.getMessage()))
            .toList();
    return answer(
        new Problem(
            "about:blank", problem.getMessage(), 412, errors, problem.newer(), problem.both()));
  }

  @ExceptionHandler
  ResponseEntity<Problem> missing(MissingThing problem) {
    return answer(HttpStatus.NOT_FOUND, problem.getMessage());
  }

  @ExceptionHandler
  ResponseEntity<Problem> refused(Refused problem) {
    return answer(problem.status(), problem.getMessage());
  }

  @ExceptionHandler
  ResponseEntity<Problem> changedSince(ThingStore.ChangedSince problem) {
    return answer(HttpStatus.CONFLICT, problem.getMessage());
  }

  @ExceptionHandler
  ResponseEntity<Problem> tooLarge(MaxUploadSizeExceededException problem) {
    return answer(HttpStatus.CONTENT_TOO_LARGE, "The file is larger than 12 MB.");
  }

  /** Somebody who was being told news went away: nobody is there to be answered. */
  @ExceptionHandler
  void gone(AsyncRequestNotUsableException left) {
    LOG.debug("Gone", left);
  }

  @ExceptionHandler
  ResponseEntity<Problem> anything(Exception problem) {
    if (problem instanceof ErrorResponse known) {
      HttpStatus status = HttpStatus.valueOf(known.getStatusCode().value());
      return answer(status, status.getReasonPhrase() + ".");
    }
    if (state.full(problem)) {
      LOG.warn("The disk is full");
      return answer(
          HttpStatus.INSUFFICIENT_STORAGE,
          "The disk of the machine that keeps this is full. Nothing was saved; make room there,"
              + " then try again.");
    }
    if (StoreState.busy(problem)) {
      return answer(
          HttpStatus.SERVICE_UNAVAILABLE,
          "Something large is being saved just now. Nothing of this was saved; try again.");
    }
    LOG.error("Unexpected", problem);
    return answer(
        HttpStatus.INTERNAL_SERVER_ERROR, "Something broke here. Nothing was saved; try again.");
  }

  @ExceptionHandler
  ResponseEntity<Problem> invalid(InvalidValues problem) {
    List<Problem.FieldError> errors =
        problem.all().stream()
            .map(each -> new Problem.FieldError(pointer("", each), each.getMessage()))
            .toList();
    return answer(new Problem("about:blank", problem.getMessage(), 422, errors, null, null));
  }

  private static ResponseEntity<Problem> invalid(String path, InvalidValue problem) {
    return answer(
        new Problem(
            "about:blank",
            problem.getMessage(),
            422,
            List.of(new Problem.FieldError(pointer(path, problem), problem.getMessage())),
            null,
            null));
  }

  private static String pointer(String path, InvalidValue problem) {
    // the record that refused may lie deeper than its own field name says
    String field = problem.field().replace('.', '/');
    if (path.isEmpty() && field.isEmpty()) {
      return "#";
    }
    return path.isEmpty() || field.isEmpty() || path.equals(field) || path.endsWith("/" + field)
        ? "#/" + (path.isEmpty() ? field : path)
        : "#/" + path + "/" + field;
  }

  private static ResponseEntity<Problem> answer(HttpStatus status, String sentence) {
    return answer(Problem.of(status.value(), sentence));
  }

  private static ResponseEntity<Problem> answer(Problem problem) {
    return ResponseEntity.status(problem.status())
        .contentType(MediaType.APPLICATION_PROBLEM_JSON)
        .body(problem);
  }
}
