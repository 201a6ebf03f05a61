package velvetkettle.core.plan.option;

import velvetkettle.core.quantity.Worded;

/**
 * What media that hold, mark and bleed alike are told apart by, in the order in which it is told.
 * Points 0 to 5; the weights are ours (engineering estimates).
 */
public enum Criterion implements Worded {
  LOG(2),
  GRIP(2),
  HEAT(2),
  WEAR(1),
  STRETCH(2),
  HAND(1),
  SKIN(1),
  FINISH(1),
  COLOURS(2),
  QUANTITY(2),
  CONTRAST(1),
  SHELF(2);

  private final int weight;

  Criterion(int weight) {
    this.weight = weight;
  }

  public int weight() {
    return weight;
  }

  @Override
  public String vocabulary() {
    return "criterion";
  }
}
