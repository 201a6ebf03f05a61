package velvetkettle.core.media.trait;

/** What hands do to a thing itself before it comes to the garment. */
public enum Doing {
  MIRROR,
  PRINT,
  DRY_OUT,
  CUT_OUT,
  TRIM,
  WEED,
  MASK,
  BACKING_OFF,
  SEW_PATCH,
  STABILISER_OFF,
  CUT_WEB,
  FUSE_WEB,
  /** A print or film goes onto the piece, under a press beside the garment. */
  PRESS_ON,
  PAPER_OFF,
  LOOK_AT_BACKS,
  FIX_STONES
}
