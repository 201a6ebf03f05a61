package velvetkettle.core.heat.window;

import velvetkettle.core.heat.Remembered;
import velvetkettle.core.heat.phase.Pressing;

/** Remembers maps: a day's tickets are looked at many times. */
public final class RememberedMaps implements WindowMaps {
  /** A map holds about half a megabyte. */
  private static final int MAPS = 100;

  private final Remembered<Pressing, WindowMap> remembered = new Remembered<>(MAPS);

  @Override
  public WindowMap of(Pressing pressing) {
    return remembered.of(pressing, WindowMap::of);
  }
}
