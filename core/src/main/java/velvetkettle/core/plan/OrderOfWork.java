package velvetkettle.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.cloth.Obstacle;
import velvetkettle.core.media.Film;
import velvetkettle.core.media.MediaCatalogue;
import velvetkettle.core.media.Patch;
import velvetkettle.core.media.Peel;
import velvetkettle.core.media.Placement;
import velvetkettle.core.media.PressMedium;
import velvetkettle.core.media.SecondPress;
import velvetkettle.core.media.StrongWebPatch;
import velvetkettle.core.media.Sublimation;
import velvetkettle.core.media.TransferPaper;
import velvetkettle.core.plan.GarmentState.Lying;
import velvetkettle.core.plan.Operation.Cool;
import velvetkettle.core.plan.Operation.Fasten;
import velvetkettle.core.plan.Operation.Handle;
import velvetkettle.core.plan.Operation.HeatPress;
import velvetkettle.core.plan.Operation.Inspect;
import velvetkettle.core.plan.Operation.PeelOff;
import velvetkettle.core.plan.Operation.Place;
import velvetkettle.core.plan.Operation.PrePress;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.Stack;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;

/**
 * Puts the operations of all decorations on a garment into one order: the cloth is prepared and
 * dried once, the hottest press goes first, what needs no heat last, and the piece is looked at
 * while it rests.
 */
final class OrderOfWork {
  /**
   * How long cloth or carrier takes to feel cold on a table: about a minute; the hand decides
   * [common practice, no source].
   */
  private static final Seconds UNTIL_COLD = Seconds.of(60);

  private static final Seconds CLOTH_COOLS = Seconds.of(30);

  private final Garment garment;
  private final Press press;
  private final List<Operation> operations = new ArrayList<>();

  private OrderOfWork(Garment garment, Press press) {
    this.garment = garment;
    this.press = press;
  }

  /**
   * One decoration with what its steps are for; where nothing is pressed it is fixed without heat.
   */
  record Chosen(Decoration decoration, @Nullable Pressed pressed) {
    static Chosen of(Decoration decoration, DecorationPlan plan) {
      Option option = plan.current();
      return new Chosen(
          decoration,
          option == null
              ? null
              : new Pressed(
                  MediaCatalogue.pressed(option.medium()).orElseThrow(),
                  option.recipe(),
                  option.stack()));
    }
  }

  /** What is pressed, at which settings, under what. */
  record Pressed(PressMedium medium, Recipe recipe, Stack stack) {}

  static List<Operation> of(Garment garment, Press press, List<Chosen> chosen) {
    OrderOfWork order = new OrderOfWork(garment, press);
    List<Chosen> hottestFirst =
        chosen.stream()
            .filter(c -> c.pressed() != null)
            .sorted(Comparator.comparing(OrderOfWork::coolness))
            .toList();
    order.prepareCloth(hottestFirst);
    hottestFirst.forEach(order::press);
    chosen.stream().filter(c -> c.pressed() == null).forEach(order::fasten);
    order.operations.add(
        new Inspect(Sentence.of(hottestFirst.isEmpty() ? "do.inspect-fastened" : "do.inspect")));
    return order.operations;
  }

  private static double coolness(Chosen chosen) {
    Pressed pressed = chosen.pressed();
    return pressed == null ? 0 : -pressed.recipe().platen().degrees();
  }

  private void prepareCloth(List<Chosen> pressed) {
    garment.obstacles().stream()
        .sorted()
        .forEach(obstacle -> operations.add(new Handle(Sentence.of(advice(obstacle), obstacle))));
    if (pressed.isEmpty()) {
      return;
    }
    operations.add(new Handle(Sentence.of("do.lint-roll")));
    Recipe recipe =
        pressed.stream()
            .flatMap(c -> Stream.ofNullable(c.pressed()))
            .map(Pressed::recipe)
            .max(Comparator.comparing(r -> r.drying().value()))
            .orElseThrow();
    Setting setting =
        new Setting(
            recipe.dial().value(),
            recipe.platen(),
            recipe.drying().value(),
            press.kind().lightestUseful());
    boolean covered = StackBuilder.shines(garment, recipe.platen());
    operations.add(
        new PrePress(
            Sentence.of(covered ? "do.pre-press-covered" : "do.pre-press"),
            setting,
            StackBuilder.prePress(garment, press, recipe.platen())));
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
    PressMedium medium = pressed.medium();
    if (pressed.recipe().coolBeforePlacing()) {
      operations.add(new Cool(Sentence.of("do.cool-cloth"), CLOTH_COOLS));
    }
    if (medium instanceof Film || medium instanceof TransferPaper) {
      place(chosen, "do.place." + medium.key());
      mainPress(chosen, pressed, "do.press");
      peel(chosen, pressed);
      secondPress(chosen, pressed);
    } else if (medium instanceof Sublimation) {
      place(chosen, "do.place." + medium.key());
      mainPress(chosen, pressed, "do.press-still");
      peel(chosen, pressed);
    } else if (medium instanceof Patch) {
      patch(chosen, pressed);
    } else {
      throw new IllegalStateException("no order of work for " + medium.key());
    }
  }

  private void place(Chosen chosen, String key) {
    operations.add(
        new Place(
            chosen.decoration().id(), Sentence.of(key, chosen.decoration().artwork().placement())));
  }

  private void mainPress(Chosen chosen, Pressed pressed, String key) {
    int positions = pressed.recipe().positions();
    for (int position = 1; position <= positions; position++) {
      Sentence say =
          positions == 1 ? Sentence.of(key) : Sentence.of("do.press-position", position, positions);
      operations.add(
          new HeatPress(
              StepKind.PRESS,
              chosen.decoration().id(),
              say,
              pressed.recipe().setting(),
              pressed.stack(),
              Lying.BONDED));
    }
  }

  private void peel(Chosen chosen, Pressed pressed) {
    Peel peel = pressed.recipe().peel().value();
    Seconds wait = pressed.recipe().peelWait();
    String key =
        pressed.medium() instanceof Sublimation ? "do.lift-paper" : "do.peel." + peel.term().key();
    operations.add(new PeelOff(chosen.decoration().id(), Sentence.of(key), peel, wait));
  }

  private void secondPress(Chosen chosen, Pressed pressed) {
    SecondPress second = pressed.recipe().secondPress();
    if (second == null) {
      return;
    }
    Recipe recipe = pressed.recipe();
    Setting setting =
        new Setting(
            recipe.dial().value(), recipe.platen(), second.time(), recipe.pressure().value());
    operations.add(
        new HeatPress(
            StepKind.SECOND_PRESS,
            chosen.decoration().id(),
            Sentence.of("do.second-press", second.cover()),
            setting,
            StackBuilder.secondPress(garment, press, pressed.medium(), second.cover()),
            Lying.FINISHED));
  }

  private void patch(Chosen chosen, Pressed pressed) {
    String id = chosen.decoration().id();
    Recipe recipe = pressed.recipe();
    boolean onPocket =
        chosen.decoration().artwork().placement() == Placement.POCKET
            || garment.obstacles().contains(Obstacle.POCKET);
    place(chosen, onPocket ? "do.place.patch-on-pocket" : "do.place.patch-web");
    Setting tack =
        new Setting(
            recipe.dial().value(), recipe.platen(), StrongWebPatch.TACK, recipe.pressure().value());
    operations.add(
        new HeatPress(
            StepKind.TACK,
            id,
            Sentence.of("do.tack"),
            tack,
            StackBuilder.fromFace(garment, press, pressed.medium(), CoverSheet.COTTON),
            Lying.TACKED));
    operations.add(new Handle(Sentence.of(onPocket ? "do.turn-pocket" : "do.turn")));
    operations.add(
        new HeatPress(
            StepKind.PRESS,
            id,
            Sentence.of("do.press-back"),
            recipe.setting(),
            pressed.stack(),
            Lying.BONDED));
    operations.add(
        new Cool(Sentence.of(onPocket ? "do.cool-flat-no-sewing" : "do.cool-flat"), UNTIL_COLD));
  }

  private void fasten(Chosen chosen) {
    operations.add(
        new Place(
            chosen.decoration().id(),
            Sentence.of("do.place.no-heat", chosen.decoration().artwork().placement())));
    operations.add(new Fasten(chosen.decoration().id(), Sentence.of("do.fasten")));
  }
}
