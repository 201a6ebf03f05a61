package velvetkettle.core.heat.window;

import velvetkettle.core.heat.phase.Pressing;

/** Where maps come from: computed, or remembered. */
public interface WindowMaps {
  /**
   * @param pressing computed by heat; else {@link IllegalArgumentException}
   */
  WindowMap of(Pressing pressing);
}
