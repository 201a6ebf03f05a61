package velvetkettle.server.json;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonMappingException;
import java.util.stream.Collectors;

/** JSON that somebody sent is none, or does not say what it should. */
public class UnreadableException extends RuntimeException {
  private static final long serialVersionUID = 1L;

  private final String where;

  UnreadableException(JsonProcessingException cause) {
    super(cause);
    where = where(cause);
  }

  /** The field, or the line where it stops being JSON. */
  public String where() {
    return where;
  }

  private static String where(JsonProcessingException cause) {
    if (cause instanceof JsonMappingException mapping && !mapping.getPath().isEmpty()) {
      return mapping.getPath().stream()
          .map(
              step ->
                  step.getFieldName() == null ? "[" + step.getIndex() + "]" : step.getFieldName())
          .collect(Collectors.joining("."))
          .replace(".[", "[");
    }
    return cause.getLocation() == null ? "1" : "line " + cause.getLocation().getLineNr();
  }
}
