package velvetkettle.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.cloth.Obstacle;
import velvetkettle.core.media.MediaCatalogue;
import velvetkettle.core.media.PressMedium;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.PressKind;
import velvetkettle.core.press.Stack;
import velvetkettle.core.quantity.Sentence;

/**
 * Puts the operations of all decorations on a garment into one order: it is tried where it must be,
 * the cloth is prepared and dried once, the hottest press goes first, what needs no heat last, and
 * the piece is looked at while it rests.
 */
final class OrderOfWork {
  private final JobRequest job;
  private final Garment garment;
  private final List<Operation> operations = new ArrayList<>();

  private OrderOfWork(JobRequest job) {
    this.job = job;
    garment = job.garment();
  }

  /**
   * One decoration with what its steps are for; where nothing is pressed it is fixed without heat.
   *
   * @param testFirst why and what to try before; null where nothing asks for it
   */
  record Chosen(Decoration decoration, @Nullable Pressed pressed, @Nullable Sentence testFirst) {
    static Chosen of(JobRequest job, Decoration decoration, DecorationPlan plan) {
      Option option = plan.current();
      return option == null
          ? new Chosen(decoration, null, null)
          : new Chosen(
              decoration,
              new Pressed(
                  MediaCatalogue.pressed(option.medium()).orElseThrow(),
                  option.recipe(),
                  option.stack(),
                  job.tool(option.press())),
              option.testFirst());
    }
  }

  /** What is pressed, at which settings, under what, by which tool. */
  record Pressed(PressMedium medium, Recipe recipe, Stack stack, Press press) {}

  static List<Operation> of(JobRequest job, List<Chosen> chosen) {
    OrderOfWork order = new OrderOfWork(job);
    List<Chosen> hottestFirst =
        chosen.stream()
            .filter(c -> c.pressed() != null)
            .sorted(Comparator.comparing(OrderOfWork::coolness))
            .toList();
    hottestFirst.forEach(order::test);
    order.prepareCloth(hottestFirst);
    hottestFirst.forEach(order::press);
    chosen.stream().filter(c -> c.pressed() == null).forEach(order::fasten);
    order.operations.add(
        new Operation.Inspect(
            Sentence.of(hottestFirst.isEmpty() ? "do.inspect-fastened" : "do.inspect")));
    return order.operations;
  }

  private static double coolness(Chosen chosen) {
    Pressed pressed = chosen.pressed();
    return pressed == null ? 0 : -pressed.recipe().platen().degrees();
  }

  private void test(Chosen chosen) {
    Sentence testFirst = chosen.testFirst();
    if (testFirst != null) {
      operations.add(new Operation.Trial(testFirst));
    }
  }

  private void prepareCloth(List<Chosen> chosen) {
    List<Pressed> pressed = chosen.stream().flatMap(c -> Stream.ofNullable(c.pressed())).toList();
    PreWash.of(garment, pressed.stream().map(Pressed::medium).toList(), job.shop().schools())
        .ifPresent(wash -> operations.add(new Operation.Handle(wash)));
    garment.obstacles().stream()
        .sorted()
        .forEach(
            obstacle ->
                operations.add(new Operation.Handle(Sentence.of(advice(obstacle), obstacle))));
    if (pressed.isEmpty()) {
      return;
    }
    operations.add(new Operation.Handle(Sentence.of("do.lint-roll")));
    longestDrying(pressed).ifPresent(this::prePress);
  }

  /** A wand has nothing to flatten a cloth with. */
  private static Optional<Pressed> longestDrying(List<Pressed> pressed) {
    return pressed.stream()
        .filter(p -> p.press().kind() != PressKind.WAND)
        .max(Comparator.comparing(p -> p.recipe().drying().value()));
  }

  private void prePress(Pressed pressed) {
    Recipe recipe = pressed.recipe();
    Press press = pressed.press();
    Setting setting =
        new Setting(
            recipe.dial().value(),
            recipe.platen(),
            recipe.drying().value(),
            press.kind().lightestUseful());
    boolean covered = StackBuilder.shines(garment, recipe.platen());
    operations.add(
        new Operation.PrePress(
            Sentence.of(covered ? "do.pre-press-covered" : "do.pre-press"),
            setting,
            StackBuilder.prePress(garment, press, recipe.platen()),
            press.name()));
  }

  private static String advice(Obstacle obstacle) {
    return obstacle.hard()
        ? "do.obstacle.hard"
        : obstacle == Obstacle.POCKET ? "do.obstacle.pocket" : "do.obstacle.soft";
  }

  private void press(Chosen chosen) {
    Pressed pressed = chosen.pressed();
    if (pressed == null) {
      throw new IllegalStateException("nothing to press for " + chosen.decoration().id());
    }
    operations.addAll(Course.of(garment, job.shop().schools(), chosen, pressed));
  }

  private void fasten(Chosen chosen) {
    operations.add(
        new Operation.Place(
            chosen.decoration().id(),
            Sentence.of("do.place.no-heat", chosen.decoration().artwork().placement())));
    operations.add(new Operation.Fasten(chosen.decoration().id(), Sentence.of("do.fasten")));
  }
}
