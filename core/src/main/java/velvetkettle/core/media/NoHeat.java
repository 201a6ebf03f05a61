package velvetkettle.core.media;

import java.util.EnumSet;
import java.util.Set;

/** Sew, tie or glue: what is left when the cloth cannot take a press. */
public record NoHeat() implements Medium {
  @Override
  public String key() {
    return "no-heat";
  }

  @Override
  public Set<ArtKind> carries() {
    return EnumSet.allOf(ArtKind.class);
  }
}
