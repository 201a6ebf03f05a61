package velvetkettle.core.art;

import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.press.StoneSize;
import velvetkettle.core.quantity.ImpossibleValueException;

/**
 * The stones that art is made of.
 *
 * @param size of all of them, or of the largest; null where nobody said, or where it has none
 * @param count of all sizes together, up to 20 000; 0 where it is of something else
 * @param smaller the other sizes among them
 */
public record StoneCount(@Nullable StoneSize size, int count, Set<StoneSize> smaller) {
  public static final StoneCount NONE = new StoneCount(null, 0);

  /** All of one size. */
  public StoneCount(@Nullable StoneSize size, int count) {
    this(size, count, Set.of());
  }

  public StoneCount {
    if (count < 0 || count > 20_000) {
      throw new ImpossibleValueException("stones are counted from 0 to 20000: " + count);
    }
    // Null in what was kept before it was asked.
    List<StoneSize> all =
        Stream.concat(Stream.ofNullable(size), smaller == null ? Stream.of() : smaller.stream())
            .distinct()
            .sorted(Comparator.reverseOrder())
            .toList();
    size = all.isEmpty() ? null : all.get(0);
    smaller = all.isEmpty() ? Set.of() : Set.copyOf(all.subList(1, all.size()));
  }

  /** The largest first; none where nobody said. */
  public List<StoneSize> sizes() {
    return Stream.concat(Stream.ofNullable(size), smaller.stream())
        .sorted(Comparator.reverseOrder())
        .toList();
  }

  /** How far the smallest lie below the top of the largest, mm. */
  public double step() {
    List<StoneSize> all = sizes();
    return all.isEmpty()
        ? 0
        : all.get(0).height().count() - all.get(all.size() - 1).height().count();
  }
}
