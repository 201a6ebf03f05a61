package velvetkettle.server.cut;

import velvetkettle.core.quantity.Sentence;

/** What is in the cutter. */
public record CutterView(PartView blade, PartView mat) {
  /**
   * @param told what it has behind it
   * @param worn whether it is to be changed before anything is cut
   */
  public record PartView(Sentence told, boolean worn) {}
}
