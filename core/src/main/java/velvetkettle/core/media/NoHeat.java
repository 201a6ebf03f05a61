package velvetkettle.core.media;

import org.jspecify.annotations.Nullable;

/** Sew, tie or glue: what is left when the cloth cannot take a press. */
public final class NoHeat {
  /** Stands where the key of a medium would stand. */
  public static final String KEY = "no-heat";

  private NoHeat() {}

  /** Whether nothing is pressed; null is no choice yet. */
  public static boolean is(@Nullable String medium) {
    return KEY.equals(medium);
  }
}
