package velvetkettle.core.quantity;

import java.util.Locale;

/**
 * An enum constant that has a name people read. Its key is {@code room.CONSTANT} in lower case with
 * dashes.
 */
public interface Worded {
  String name();

  /** The first part of the key, for example {@code fibre}. */
  String vocabulary();

  default Term term() {
    return new Term(vocabulary() + "." + name().toLowerCase(Locale.ROOT).replace('_', '-'));
  }
}
