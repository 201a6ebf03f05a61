package velvetkettle.core.press;

/** What a layer of the Stack is made of, for computing heat through it. */
public enum Substance {
  PTFE_SHEET,
  PARCHMENT,
  KRAFT,
  COTTON_SHEET,
  PAPER_TOWEL,
  CARRIER_FILM,
  TRANSFER_PAPER,
  SUBLIMATION_PAPER,
  INK,
  POLYURETHANE,
  FLOCK,
  BLOCKER,
  HOT_MELT,
  PRINT_COATING,
  EMBROIDERY,
  STONE,
  STONE_GLUE,
  POLYESTER_PANEL,
  GARMENT_CLOTH,
  SILICONE_FOAM,
  RUBBER,
  WOOL_MAT,
  REFLECTIVE_MAT,
  TOWEL,
  ALUMINIUM,
  TABLE_BOARD
}
