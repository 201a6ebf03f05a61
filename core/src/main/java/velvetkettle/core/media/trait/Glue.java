package velvetkettle.core.media.trait;

/** What holds a medium to the cloth. How each bonds is known to {@code core.heat}. */
public enum Glue {
  /** The hot melt of everyday film and of printed transfers. */
  EVERYDAY,
  /** Flows early, for cloth that bears little heat. */
  LOW_HEAT,
  /** Made for nylon shells. */
  NYLON,
  /** Under a layer that blocks dye. */
  BLOCKER,
  /** Fusible web. */
  WEB,
  /** The polymer of a transfer paper. */
  PAPER,
  /** Under hot-fix stones. */
  STONE,
  /** None: ink goes over as gas and into the fibre. */
  NONE
}
