package velvetkettle.core.plan.order;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.cloth.Obstacle;
import velvetkettle.core.heat.Margins;
import velvetkettle.core.media.MediaCatalogue;
import velvetkettle.core.media.Medium;
import velvetkettle.core.place.Placing;
import velvetkettle.core.plan.job.Candidate;
import velvetkettle.core.plan.job.Decoration;
import velvetkettle.core.plan.job.Ground;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.plan.option.DecorationPlan;
import velvetkettle.core.plan.option.Option;
import velvetkettle.core.plan.recipe.Recipe;
import velvetkettle.core.plan.recipe.Setting;
import velvetkettle.core.plan.recipe.StackBuilder;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.Stack;
import velvetkettle.core.quantity.Sentence;

/**
 * Writes down the operations of all decorations on a garment: it is tried where it must be, the
 * cloth is prepared and dried once, what is pressed goes on in the order that was found for it,
 * what needs no heat last, and the piece is looked at while it rests.
 */
public final class OrderOfWork {
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
   * @param placing where it lies, and under which platen
   * @param testFirst why and what to try before; null where nothing asks for it
   * @param lowerLayer whether it is film with more film over it: it is only tacked, and the press
   *     of the uppermost does the rest
   */
  public record Chosen(
      Decoration decoration,
      @Nullable Pressed pressed,
      Placing placing,
      @Nullable Sentence testFirst,
      boolean lowerLayer) {
    /** The option that was taken, or the way without heat. */
    public static Chosen of(
        JobRequest job, MediaCatalogue media, Decoration decoration, DecorationPlan plan) {
      Option option = plan.current();
      return option == null
          ? new Chosen(decoration, null, job.unpressed(decoration), null, false)
          : of(Candidate.of(job, decoration, media.get(option.medium())), option);
    }

    private static Chosen of(Candidate candidate, Option option) {
      return new Chosen(
          candidate.decoration(),
          new Pressed(candidate.medium(), option.recipe(), option.stack(), candidate.tool()),
          candidate.placing(),
          option.advice().testFirst(),
          false);
    }

    /** The same among the others that are chosen. */
    public Chosen among(List<Chosen> all) {
      boolean lower =
          tacks() && all.stream().anyMatch(c -> c.tacks() && c.decoration.liesOver(decoration));
      return new Chosen(decoration, pressed, placing, testFirst, lower);
    }

    /** How it is pressed; only of what is. */
    public Pressed press() {
      if (pressed == null) {
        throw new IllegalStateException("nothing is pressed for " + decoration.id());
      }
      return pressed;
    }

    /** What its Stacks are laid up between. */
    Ground ground(Garment garment) {
      Boolean raised = decoration.own(press().medium()).raised();
      return new Ground(
          garment,
          press().press(),
          raised == null ? placing.insert() != null : raised,
          decoration.artwork().stones().size());
    }

    /** Whether the garment is turned over between this one and another. */
    boolean isBehind(Chosen other) {
      return placing.face() != other.placing.face();
    }

    private boolean tacks() {
      return pressed != null && pressed.medium().again().tackedBelow();
    }

    /** As it is pressed among the others: a lower layer of film is only tacked. */
    @Nullable Pressed worked() {
      return pressed == null || !lowerLayer
          ? pressed
          : new Pressed(
              pressed.medium(), pressed.recipe().tacked(), pressed.stack(), pressed.press());
    }
  }

  /** What is pressed, at which settings, under what, by which tool. */
  public record Pressed(Medium medium, Recipe recipe, Stack stack, Press press) {}

  /** One decoration with its margins as if it were alone on the garment. */
  public record SingleDecoration(Chosen chosen, Margins margins) {}

  /**
   * @param pressed in the order in which they are pressed
   * @param fastened without heat
   */
  public static List<Operation> of(JobRequest job, List<Chosen> pressed, List<Chosen> fastened) {
    Parts parts = parts(job, pressed);
    List<Operation> all = new ArrayList<>(parts.cloth);
    parts.things.forEach(all::addAll);
    OrderOfWork end = new OrderOfWork(job);
    fastened.forEach(end::fasten);
    all.addAll(end.operations);
    all.add(parts.look);
    return all;
  }

  /**
   * What is pressed, part by part.
   *
   * @param cloth before anything is laid on it
   * @param things for each of what is pressed, in its order
   * @param look at the piece in the end
   */
  record Parts(List<Operation> cloth, List<List<Operation>> things, Operation look) {}

  /**
   * @param pressed in the order in which they are pressed
   */
  static Parts parts(JobRequest job, List<Chosen> pressed) {
    OrderOfWork cloth = new OrderOfWork(job);
    pressed.stream()
        .flatMap(chosen -> Stream.ofNullable(chosen.testFirst()))
        .distinct()
        .forEach(test -> cloth.operations.add(new Operation.Trial(test)));
    cloth.prepareCloth(pressed);
    List<List<Operation>> things = new ArrayList<>();
    for (int i = 0; i < pressed.size(); i++) {
      OrderOfWork thing = new OrderOfWork(job);
      thing.mind(pressed.subList(0, i), pressed.get(i));
      thing.press(pressed.get(i));
      things.add(thing.operations);
    }
    Operation look =
        new Operation.Inspect(
            Sentence.of(pressed.isEmpty() ? "do.inspect-fastened" : "do.inspect"));
    return new Parts(cloth.operations, things, look);
  }

  /** What lies there already is kept from the platen, or covered against it. */
  private void mind(List<Chosen> lying, Chosen next) {
    List<Chosen> met = lying.stream().filter(earlier -> Precedence.reaches(next, earlier)).toList();
    Optional<Chosen> stones = met.stream().filter(OrderOfWork::isStones).findFirst();
    if (stones.isPresent()) {
      operations.add(
          new Operation.Handle(Sentence.of("do.keep-off-stones", Precedence.name(stones.get()))));
    } else if (!met.isEmpty()) {
      boolean behind = met.stream().allMatch(next::isBehind);
      operations.add(
          new Operation.Handle(
              Sentence.of(behind ? "do.sheet-between-sides" : "do.cover-what-lies")));
    }
  }

  private static boolean isStones(Chosen chosen) {
    return chosen.pressed() != null && chosen.pressed().medium().appearance().ofStones();
  }

  private void prepareCloth(List<Chosen> chosen) {
    List<Pressed> pressed = chosen.stream().flatMap(c -> Stream.ofNullable(c.pressed())).toList();
    PreWash.of(garment, pressed.stream().map(Pressed::medium).toList(), job.shop().schools())
        .ifPresent(wash -> operations.add(new Operation.Handle(wash)));
    garment.obstacles().stream()
        .filter(Obstacle::doublesTheCloth)
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

  /** A wand has nothing to flatten a cloth with; a maker may leave it out. */
  private static Optional<Pressed> longestDrying(List<Pressed> pressed) {
    return pressed.stream()
        .filter(p -> !p.press().kind().setsSingleStones())
        .filter(p -> p.recipe().presses().drying().value().count() > 0)
        .max(Comparator.comparing(p -> p.recipe().presses().drying().value()));
  }

  private void prePress(Pressed pressed) {
    Recipe recipe = pressed.recipe();
    Press press = pressed.press();
    Setting setting =
        new Setting(
            recipe.setting().dial().value(),
            recipe.setting().platen(),
            recipe.presses().drying().value(),
            press.kind().lightestUseful());
    boolean covered = StackBuilder.shines(garment, recipe.setting().platen());
    operations.add(
        new Operation.PrePress(
            Sentence.of(covered ? "do.pre-press-covered" : "do.pre-press"),
            setting,
            StackBuilder.prePress(new Ground(garment, press), recipe.setting().platen()),
            press));
  }

  private static String advice(Obstacle obstacle) {
    return obstacle == Obstacle.POCKET ? "do.obstacle.pocket" : "do.obstacle.soft";
  }

  private void press(Chosen chosen) {
    Pressed pressed = chosen.worked();
    if (pressed == null) {
      throw new IllegalStateException("nothing to press for " + chosen.decoration().id());
    }
    chosen.placing().advice().forEach(say -> operations.add(new Operation.Handle(say)));
    operations.addAll(DecorationSteps.of(garment, job.shop().schools(), chosen, pressed));
  }

  private void fasten(Chosen chosen) {
    operations.add(
        new Operation.Place(
            chosen.decoration().id(),
            Sentence.of("do.place.no-heat", chosen.decoration().artwork().placement())));
    operations.add(new Operation.Fasten(chosen.decoration().id(), Sentence.of("do.fasten")));
  }
}
