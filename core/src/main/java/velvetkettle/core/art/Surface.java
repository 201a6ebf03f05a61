package velvetkettle.core.art;

import java.util.EnumSet;
import java.util.Set;
import velvetkettle.core.quantity.Worded;

/** The finish that is wanted. */
public enum Surface implements Worded {
  ANY,
  MATT,
  GLOSS,
  GLITTER,
  VELVET,
  METALLIC,
  REFLECTIVE,
  RAISED;

  /** What a second press can give to anything smooth. */
  public static final Set<Surface> PLAIN = EnumSet.of(ANY, MATT, GLOSS);

  @Override
  public String vocabulary() {
    return "surface";
  }
}
