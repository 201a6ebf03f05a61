package velvetkettle.server.problem;

import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.exc.InvalidNullException;
import com.fasterxml.jackson.databind.exc.MismatchedInputException;
import com.fasterxml.jackson.databind.exc.UnrecognizedPropertyException;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** JSON that does not fit what is asked for: where, and what should stand there. */
final class Unreadable {
  private static final Set<Class<?>> WHOLE =
      Set.of(int.class, Integer.class, long.class, Long.class);

  /** So begins what the reader of JSON says by itself; it names classes. */
  private static final List<String> READERS_OWN = List.of("Cannot ", "Unexpected token ");

  private static final String TWICE = "Duplicate field '";

  private Unreadable() {}

  /** What is wrong with a request's JSON, and where. */
  static FieldProblem problem(@Nullable Throwable cause) {
    if (cause instanceof JsonMappingException mapping && !mapping.getPath().isEmpty()) {
      return new FieldProblem(where(mapping), where(mapping) + ": " + what(mapping));
    }
    String said = cause == null ? "" : String.valueOf(cause.getMessage());
    if (said.startsWith(TWICE)) {
      String name = said.substring(TWICE.length(), said.indexOf('\'', TWICE.length()));
      return new FieldProblem(name, name + ": stands there twice. Leave one out.");
    }
    return new FieldProblem("", "The request is not readable JSON, or it is larger than 500 kB.");
  }

  /** The path of the field, for example {@code garment.obstacles[1]}. */
  static String where(JsonMappingException e) {
    StringBuilder path = new StringBuilder();
    for (JsonMappingException.Reference part : e.getPath()) {
      String name = part.getFieldName();
      path.append(name == null ? "[" + part.getIndex() + "]" : path.isEmpty() ? name : "." + name);
    }
    return path.toString();
  }

  /** In words for who sent it, without the names of our classes. */
  static String what(JsonMappingException e) {
    String message = e.getOriginalMessage();
    if (message != null && message.startsWith(TWICE)) {
      return "stands there twice. Leave one out.";
    }
    if (e instanceof UnrecognizedPropertyException) {
      return "there is no such field. Leave it out.";
    }
    if (e instanceof InvalidNullException) {
      return "holds a null. Leave it out.";
    }
    if (message != null && message.contains("`null` into type")) {
      return "is missing.";
    }
    if (e.getCause() instanceof IllegalArgumentException ours && ours.getMessage() != null) {
      return ours.getMessage();
    }
    if (message != null && READERS_OWN.stream().noneMatch(message::startsWith)) {
      return message;
    }
    return e instanceof MismatchedInputException mismatched
        ? expected(mismatched.getTargetType())
        : "cannot be read.";
  }

  private static String expected(@Nullable Class<?> type) {
    if (type == null) {
      return "cannot be read.";
    }
    if (type.isEnum()) {
      return Arrays.stream(type.getEnumConstants())
          .map(Object::toString)
          .collect(Collectors.joining(", ", "one of ", "."));
    }
    return "should be " + kind(type) + ".";
  }

  private static String kind(Class<?> type) {
    if (type == boolean.class || type == Boolean.class) {
      return "true or false";
    }
    if (WHOLE.contains(type)) {
      return "a whole number";
    }
    if (type.isPrimitive() || Number.class.isAssignableFrom(type)) {
      return "a number";
    }
    if (type == UUID.class) {
      return "an id of 36 signs";
    }
    if (type == Instant.class) {
      return "a moment such as 2026-05-04T09:30:00Z";
    }
    if (type == LocalDate.class) {
      return "a day such as 2026-05-04";
    }
    if (CharSequence.class.isAssignableFrom(type)) {
      return "text";
    }
    return Collection.class.isAssignableFrom(type) || type.isArray()
        ? "a list"
        : "an object with fields";
  }
}
