package velvetkettle.core.media.trait;

import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.press.PressKind;
import velvetkettle.core.press.Side;
import velvetkettle.core.quantity.Seconds;

/**
 * How a medium is pressed.
 *
 * @param side of the garment that meets the heat at the main press
 * @param cover the sheet over the work at the main press; the other presses name their own
 * @param tools that can press it
 * @param before the presses before the main one, in their order
 * @param after the presses after the peel, in their order
 * @param leastDrying how long the cloth is dried before it at least; the cloth itself may need
 *     longer
 * @param longest how long it bears a press at once; null where its window says it all
 * @param stencil whether it is brushed into a stencil on the garment, which comes off before it is
 *     pressed again
 * @param onCoolCloth whether the cloth must be cool again after drying, before this is placed
 */
public record AtPress(
    Side side,
    CoverChoice cover,
    Set<PressKind> tools,
    List<ExtraPress> before,
    List<ExtraPress> after,
    SteamUse steam,
    Seconds leastDrying,
    @Nullable Seconds longest,
    boolean stencil,
    boolean onCoolCloth) {
  public AtPress {
    tools = Set.copyOf(tools);
    before = List.copyOf(before);
    after = List.copyOf(after);
  }

  public boolean by(PressKind tool) {
    return tools.contains(tool);
  }

  /** The presses before the main one that this work takes. */
  public List<ExtraPress> before(Work work) {
    return taken(before, work);
  }

  /** The presses after the peel that this work takes. */
  public List<ExtraPress> after(Work work) {
    return taken(after, work);
  }

  private static List<ExtraPress> taken(List<ExtraPress> presses, Work work) {
    return presses.stream().filter(press -> press.when().arises(work)).toList();
  }

  /** Whether a coat of primer comes first. */
  public boolean primes() {
    return before.stream().anyMatch(press -> press.kind() == ExtraPress.Kind.PRIME);
  }
}
