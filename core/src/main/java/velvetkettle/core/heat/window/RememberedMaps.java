package velvetkettle.core.heat.window;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import velvetkettle.core.heat.phase.Pressing;

/** Remembers maps: a day's tickets are looked at many times. */
public final class RememberedMaps implements WindowMaps {
  /** A map holds about half a megabyte. */
  private static final int MAPS = 100;

  private final Cache<Pressing, WindowMap> remembered =
      Caffeine.newBuilder().maximumSize(MAPS).build();

  @Override
  public WindowMap of(Pressing pressing) {
    return remembered.get(pressing, WindowMap::of);
  }
}
