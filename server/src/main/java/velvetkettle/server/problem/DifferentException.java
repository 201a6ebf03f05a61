package velvetkettle.server.problem;

import java.util.List;

/** Something else is kept under the id that was sent. */
public final class DifferentException extends RuntimeException {
  private static final long serialVersionUID = 1L;

  private final transient List<String> fields;

  /**
   * @param thing what it is, for example a run
   * @param fields what differs
   */
  public DifferentException(String thing, List<String> fields) {
    super(
        "Another "
            + thing
            + " is kept under this id; different: "
            + String.join(", ", fields)
            + ". What is kept stays; send a new one with an id of its own.");
    this.fields = List.copyOf(fields);
  }

  public List<String> fields() {
    return fields;
  }
}
