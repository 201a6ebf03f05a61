package velvetkettle.core.cut.stone;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import velvetkettle.core.press.StoneSize;
import velvetkettle.core.quantity.Bounds;

/** How many stones of each size and colour are laid, and how many to have at hand. */
public record StoneCounts(List<Kind> kinds) {
  public StoneCounts {
    kinds = List.copyOf(kinds);
  }

  /**
   * @param laid on all pieces together
   * @param spare for those that do not transfer
   */
  public record Kind(StoneSize size, String colour, int laid, int spare) {
    public int needed() {
      return laid + spare;
    }
  }

  /**
   * @param pieces that the same stones go on, 1 to 10 000
   * @param loss share that does not transfer, 0 to 0.5; 0.01 to 0.1 is usual [handbook of the
   *     trade: common practice, no source]
   */
  public static StoneCounts of(List<Stone> stones, int pieces, double loss) {
    Bounds.check("pieces", pieces, 1, 10_000, "");
    Bounds.check("the share that does not transfer", loss, 0, 0.5, "");
    Map<Map.Entry<StoneSize, String>, Integer> counts = new LinkedHashMap<>();
    stones.forEach(stone -> counts.merge(Map.entry(stone.size(), stone.colour()), 1, Integer::sum));
    List<Kind> kinds = new ArrayList<>();
    counts.forEach(
        (kind, count) -> {
          int laid = count * pieces;
          int needed = (int) Math.ceil(laid / (1 - loss) - 1e-9);
          kinds.add(new Kind(kind.getKey(), kind.getValue(), laid, needed - laid));
        });
    kinds.sort(
        Comparator.comparing(Kind::size, Comparator.reverseOrder()).thenComparing(Kind::colour));
    return new StoneCounts(kinds);
  }

  public int laid() {
    return kinds.stream().mapToInt(Kind::laid).sum();
  }

  public int needed() {
    return kinds.stream().mapToInt(Kind::needed).sum();
  }
}
