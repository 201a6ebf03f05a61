package velvetkettle.core.cut.stone;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Envelope;
import velvetkettle.core.quantity.Bounds;

/**
 * One stencil used several times side by side, as for a neckline; turned over each second time it
 * makes the other half.
 *
 * @param stones of all uses together, without those that would lie on each other at a joint
 * @param byHand stones to set by hand at the joints, where the stencil leaves a gap
 * @param dropped how many of the stencil's holes are covered up at a joint
 * @param uses how often the stencil is laid
 */
public record StoneRepeat(List<Stone> stones, List<Stone> byHand, int dropped, int uses) {
  public StoneRepeat {
    stones = List.copyOf(stones);
    byHand = List.copyOf(byHand);
  }

  /**
   * @param of the stencil, at least one stone
   * @param uses 1 to 20
   * @param distance between the rims of two neighbours, mm, -50 to 200; below 0 they reach into
   *     each other
   * @param turned whether each second one is turned over
   * @param gap between any two stones, mm
   */
  public static StoneRepeat of(
      List<Stone> of, int uses, double distance, boolean turned, double gap) {
    Bounds.check("how often the stencil is laid", uses, 1, 20, "");
    Bounds.check("the distance between two", distance, -50, 200, "mm");
    Envelope own = StoneStencil.bounds(of);
    double step = own.getWidth() + distance;
    StoneTable table = new StoneTable(gap);
    int dropped = 0;
    for (int use = 0; use < uses; use++) {
      for (Stone stone : of) {
        double across = stone.x() - own.getMinX();
        double x = use * step + (turned && use % 2 == 1 ? own.getWidth() - across : across);
        dropped += table.lay(new Stone(x, stone.y(), stone.size(), stone.colour())) ? 0 : 1;
      }
    }
    List<Stone> byStencil = table.stones();
    List<Stone> byHand = new ArrayList<>();
    for (int joint = 1; joint < uses; joint++) {
      double middle = joint * step - distance / 2;
      byHand.addAll(filled(byStencil, middle, distance / 2, gap, table));
    }
    return new StoneRepeat(byStencil, byHand, dropped, uses);
  }

  /**
   * A column of stones in the middle of a joint, where there is room: of the size and colour of the
   * nearest stone, from the highest to the lowest that stands beside the joint.
   */
  private static List<Stone> filled(
      List<Stone> stones, double middle, double half, double gap, StoneTable table) {
    List<Stone> near =
        stones.stream()
            .filter(s -> Math.abs(s.x() - middle) <= half + 2 * (2 * s.radius() + gap))
            .toList();
    if (near.isEmpty()) {
      return List.of();
    }
    double top = near.stream().mapToDouble(Stone::y).min().orElseThrow();
    double bottom = near.stream().mapToDouble(Stone::y).max().orElseThrow();
    Stone like = near.get(0);
    double pitch = 2 * like.radius() + gap;
    List<Stone> laid = new ArrayList<>();
    for (double x = middle - half; x <= middle + half + 1e-9; x += pitch / 2) {
      for (double y = top; y <= bottom + 1e-9; y += pitch / 4) {
        Stone stone = new Stone(x, y, like.size(), like.colour());
        if (table.lay(stone)) {
          laid.add(stone);
        }
      }
    }
    return laid;
  }
}
