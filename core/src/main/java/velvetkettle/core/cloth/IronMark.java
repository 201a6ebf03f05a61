package velvetkettle.core.cloth;

import velvetkettle.core.quantity.Worded;

/**
 * The iron on the sewn-in label, ISO 3758:2012 (from memory): one dot 110 °C, two 150 °C, three 200
 * °C.
 */
public enum IronMark implements Worded {
  UNKNOWN,
  CROSSED,
  ONE_DOT,
  TWO_DOTS,
  THREE_DOTS;

  /** Asks for a test, the coolest window and a cover, without forbidding a press. */
  public boolean warns() {
    return this == CROSSED || this == ONE_DOT;
  }

  @Override
  public String vocabulary() {
    return "iron";
  }
}
