package velvetkettle.server.plan;

/** The stations of a ticket, in the order in which the work is done. */
public enum Station {
  GARMENT,
  METHOD,
  CUT,
  PRESS,
  CHECK,
  DONE
}
