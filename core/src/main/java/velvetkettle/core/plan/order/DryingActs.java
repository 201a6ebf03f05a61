package velvetkettle.core.plan.order;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.cloth.Area;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.cloth.GarmentFace;
import velvetkettle.core.cloth.Obstacle;
import velvetkettle.core.plan.order.OrderOfWork.Chosen;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.Press;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.work.Act;
import velvetkettle.core.work.Purpose;

/**
 * Dries and flattens the bare cloth where things will lie: once for all that lie on one bed, and
 * once only while the tool stays hot.
 */
final class DryingActs {
  private final Garment garment;
  private final List<Act> acts;
  private final ToolActs tools;
  private final Map<Bed, List<Area>> dried = new HashMap<>();
  private final Set<Chosen> driedAhead = new HashSet<>();

  DryingActs(Garment garment, List<Act> acts, ToolActs tools) {
    this.garment = garment;
    this.acts = acts;
    this.tools = tools;
  }

  /** What has to be the same for cloth to be dried at once for two things. */
  private record Bed(
      GarmentFace face,
      boolean oneLayer,
      @Nullable Obstacle opened,
      @Nullable Area lifted,
      String tool,
      Celsius platen) {
    static Bed of(Chosen thing) {
      return new Bed(
          thing.placing().face(),
          thing.placing().oneLayer(),
          thing.placing().opened(),
          thing.lift() == null ? null : thing.lifted(),
          thing.press().press().name(),
          thing.press().recipe().setting().plain().platen());
    }
  }

  /**
   * What is dried at once with a thing: it and the next ones on its bed; none where it needs no.
   */
  List<Chosen> with(Chosen thing, List<Chosen> next) {
    return isDried(thing)
        ? Stream.concat(
                Stream.of(thing), next.stream().takeWhile(one -> Bed.of(one).equals(Bed.of(thing))))
            .filter(DryingActs::isDried)
            .toList()
        : List.of();
  }

  /**
   * Stones keep the platen off the cloth beside them: what could not be dried there any more is
   * dried before they lie there.
   */
  List<Chosen> before(Chosen thing, List<Chosen> next, List<Chosen> together) {
    return Precedence.standsOut(thing)
        ? next.stream()
            .filter(one -> !together.contains(one) && isDried(one))
            .filter(one -> !driedAhead.contains(one))
            .filter(one -> Precedence.reaches(one, thing) && !one.isBehind(thing))
            .toList()
        : List.of();
  }

  /** Before something lies there that would bar it; it is not dried again. */
  void ahead(Chosen one, boolean bareBelow) {
    dry(List.of(one), one, bareBelow);
    driedAhead.add(one);
  }

  /** It waited while a tool was heated. */
  void dampAgain() {
    dried.clear();
  }

  /** The bare cloth where they will lie, what is dry left out. */
  void dry(List<Chosen> together, Chosen thing, boolean bareBelow) {
    List<Chosen> damp = together.stream().filter(one -> !driedAhead.contains(one)).toList();
    if (damp.isEmpty()) {
      return;
    }
    Seconds longest =
        damp.stream()
            .map(one -> one.press().recipe().presses().drying().value())
            .max(Comparator.naturalOrder())
            .orElseThrow();
    List<Area> done = dried.computeIfAbsent(Bed.of(thing), same -> new ArrayList<>());
    List<Area> positions = new ArrayList<>();
    for (Chosen one : damp) {
      if (!Area.cover(join(done, positions), one.placing().art())) {
        one.placing().positions().stream()
            .filter(position -> !positions.contains(position))
            .forEach(positions::add);
      }
    }
    done.addAll(positions);
    Press press = thing.press().press();
    tools.press(press, thing.press().recipe().setting().plain().pressure());
    CoverSheet cover = bareBelow || garment.isMarkedBare() ? CoverSheet.PARCHMENT : CoverSheet.NONE;
    new Closings(press, Purpose.PRE_PRESS, null, positions, longest, cover, false).write(acts);
  }

  private static <T> List<T> join(List<T> one, List<T> other) {
    return Stream.concat(one.stream(), other.stream()).toList();
  }

  /** A wand has nothing to flatten a cloth with; a maker may leave it out. */
  private static boolean isDried(Chosen thing) {
    return !thing.press().press().kind().setsSingleStones()
        && thing.press().recipe().presses().drying().value().count() > 0;
  }
}
