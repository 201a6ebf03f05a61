package velvetkettle.core.day;

import java.util.Set;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.quantity.ImpossibleValueException;

/**
 * What hands do to a piece from when they turn to it until they leave it, and how it lies then.
 *
 * @param steps numbers of the first and the last step of the plan that are done in it
 * @param hands how long that takes, whole s, 0 to a day
 * @param presses the tools that have to be free for this piece meanwhile, by their names
 * @param lies the tool that it lies on afterwards; null where it lies beside
 * @param rest after it, before the next visit; after the last one nothing is waited for but by what
 *     comes after the whole batch
 * @param laidBack whether it begins with the piece laid back on a tool, where it cooled beside it
 * @param laidAside whether it ends with the piece taken off to cool beside
 */
public record Visit(
    Steps steps,
    int hands,
    Set<String> presses,
    @Nullable String lies,
    Rest rest,
    boolean laidBack,
    boolean laidAside) {
  /** One that moves the piece no further than the plan says. */
  public Visit(Steps steps, int hands, Set<String> presses, @Nullable String lies, Rest rest) {
    this(steps, hands, presses, lies, rest, false, false);
  }

  /** From one step to another, both within. */
  public record Steps(int first, int last) {}

  public Visit {
    presses = Set.copyOf(presses);
    if (hands < 0 || hands > Rest.LONGEST) {
      throw new ImpossibleValueException("a visit of " + hands + " s");
    }
    if (lies != null && !presses.contains(lies)) {
      throw new ImpossibleValueException("what lies on " + lies + " was laid there");
    }
  }

  /** Whether the piece may lie anywhere afterwards for as long as anybody likes. */
  boolean waitsAnywhere() {
    return presses.isEmpty() && rest.equals(Rest.NONE);
  }

  /** Whether it needs a place to cool afterwards. */
  boolean cools() {
    return lies == null && rest.least() > 0;
  }
}
