package velvetkettle.core.plan.order;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.cloth.Area;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.heat.phase.WorkPhase;
import velvetkettle.core.place.Point;
import velvetkettle.core.plan.order.OrderOfWork.Chosen;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.Stack;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.core.work.Act;
import velvetkettle.core.work.Bench;
import velvetkettle.core.work.Purpose;
import velvetkettle.core.work.Tool;

/**
 * The acts of a plan as heat meets them at one place of one thing: a tool closed over a Stack, or
 * the place lying open on the pad or the table, also while the tool is somewhere else. Times by
 * hand: engineering estimates.
 */
public final class PlacePhases {
  private static final Seconds BY_HAND = Seconds.of(8);
  private static final Seconds AT_ONCE = Seconds.of(3);
  private static final Seconds LOOKED_AT = Seconds.of(20);

  private final Chosen thing;
  private final Area place;
  private final Map<String, Chosen> all;
  private final List<WorkPhase> phases = new ArrayList<>();
  private Bench bench;
  private boolean begun;
  private double before;
  private double sprayed;
  private @Nullable Act last;

  private PlacePhases(Bench bench, Chosen thing, Area place, List<Chosen> all) {
    this.bench = bench;
    this.thing = thing;
    this.place = place;
    this.all =
        all.stream().collect(Collectors.toMap(one -> one.decoration().id(), Function.identity()));
  }

  /**
   * What a place goes through.
   *
   * @param from when that begins, after the first act that brings heat to anything
   */
  public record Course(Seconds from, List<WorkPhase> phases) {
    public Course {
      phases = List.copyOf(phases);
    }
  }

  /**
   * @param all that is pressed, the thing among them
   * @param place of the thing, whose middle it is, mm on its face
   */
  public static Course of(
      Garment garment, List<Act> acts, List<Chosen> all, Chosen thing, Area place) {
    List<Press> presses = all.stream().map(one -> one.press().press()).distinct().toList();
    PlacePhases course =
        new PlacePhases(Bench.with(garment, presses).heedless(), thing, place, all);
    acts.forEach(course::add);
    return new Course(Seconds.of(course.before), course.phases);
  }

  /** The part of a thing that the first position of its tool presses. */
  public static Area first(Chosen thing) {
    List<Area> positions = thing.placing().positions();
    return positions.isEmpty()
        ? thing.placing().art()
        : thing.placing().art().common(positions.get(0));
  }

  private void add(Act act) {
    boolean carriedBefore = isCarried();
    double heating = act instanceof Act.SetTemperature hot ? heating(hot) : 0;
    bench = bench.after(act);
    if (act instanceof Act.Spray spray && isOwn(act)) {
      sprayed = spray.grams();
    }
    if (act instanceof Act.Close close) {
      closed(close);
    } else if (act instanceof Act.SetTemperature) {
      open(act, true, carriedBefore, Seconds.of(heating));
    } else if (act instanceof Act.Wait wait) {
      open(act, true, carriedBefore, wait.about());
    } else if (act instanceof Act.PeelOff peel) {
      Seconds waiting = peel.waiting();
      open(act, waiting != null, carriedBefore, waiting == null ? AT_ONCE : waiting);
    } else if (act instanceof Act.Inspect) {
      open(act, true, carriedBefore, LOOKED_AT);
    } else if (takesHands(act)) {
      open(act, false, carriedBefore, BY_HAND);
    }
    last = act;
  }

  private double heating(Act.SetTemperature hot) {
    Tool tool = bench.tools().get(hot.tool());
    return tool == null || tool.platen() == null ? 0 : tool.until(hot.platen()).count();
  }

  /** Sheets that go in and out one after the other are one move of the hands. */
  private boolean takesHands(Act act) {
    boolean sheet = isSheet(act);
    return sheet
        ? !isSheet(last)
        : !(act instanceof Act.Cover
            || act instanceof Act.Uncover
            || act instanceof Act.Open
            || act instanceof Act.Tape
            || act instanceof Act.HangOff
            || act instanceof Act.OfTool);
  }

  private static boolean isSheet(@Nullable Act act) {
    return act instanceof Act.Insert || act instanceof Act.TakeOut;
  }

  private boolean isCarried() {
    Point middle = Point.middleOf(place);
    return bench.lying().stream()
        .anyMatch(
            one ->
                one.thing().equals(thing.decoration().id())
                    && one.carried().stream().anyMatch(middle::isIn));
  }

  /** What lies open; a time before anything was pressed there brings no heat. */
  private void open(Act act, boolean onTable, boolean carried, Seconds time) {
    if (time.count() <= 0) {
      return;
    }
    if (phases.isEmpty()) {
      before += begun ? time.count() : 0;
    } else {
      phases.add(new WorkPhase.Open(name(act), onTable, isLaid() && !carried, time));
    }
  }

  private boolean isLaid() {
    return bench.lying().stream().anyMatch(one -> one.thing().equals(thing.decoration().id()));
  }

  private Sentence name(Act act) {
    StepKind kind = StepKind.of(act);
    Chosen whose = act.thing() == null || isOwn(act) ? null : all.get(act.thing());
    Sentence name = Sentence.of("story.turn", kind);
    return whose == null ? name : Sentence.of("story.turn.of", name, Precedence.name(whose));
  }

  private boolean isOwn(Act act) {
    return thing.decoration().id().equals(act.thing());
  }

  private void closed(Act.Close close) {
    Optional<Stack> stack =
        bench.stackOf(close, thing.decoration().id(), thing.placing().face(), place);
    Tool tool = bench.tool();
    begun = true;
    // Stones of another size lie beside the one that is judged.
    boolean beside = tool.press().kind().setsSingleStones() && close.position() > 1;
    if (beside || stack.isEmpty() || tool.platen() == null || tool.pressure() == null) {
      open(close, false, isCarried(), close.time());
      return;
    }
    phases.add(
        new WorkPhase.Closed(
            name(close),
            stack.get(),
            tool.platen(),
            tool.pressure(),
            close.time(),
            role(close),
            sprayed));
    sprayed = 0;
  }

  /**
   * Some bond under every press; film has bonded when its second one comes. A colour that lies
   * under others is held first; one that lies beside them may be the last.
   */
  private WorkPhase.Role role(Act.Close close) {
    if (!isOwn(close)) {
      Chosen upper = close.thing() == null ? null : all.get(close.thing());
      boolean bonds =
          upper != null
              && thing.lowerLayer()
              && upper.liesSomewhereOver(thing, List.copyOf(all.values()))
              && close.purpose() != Purpose.SECOND;
      // A lower layer was only tacked: this is its main press.
      return !bonds
          ? WorkPhase.Role.NONE
          : close.purpose() == Purpose.MAIN && !hasMain()
              ? WorkPhase.Role.MAIN
              : WorkPhase.Role.ALSO;
    }
    return switch (close.purpose()) {
      case MAIN -> hasMain() ? WorkPhase.Role.ALSO : WorkPhase.Role.MAIN;
      case TACK -> WorkPhase.Role.ALSO;
      // A print's paper is off by then.
      case FROM_BACK ->
          thing.press().medium().construction().dyesTheCloth()
              ? WorkPhase.Role.NONE
              : WorkPhase.Role.ALSO;
      case SECOND ->
          thing.press().medium().again().bonds() ? WorkPhase.Role.ALSO : WorkPhase.Role.NONE;
      case COLOUR ->
          thing.press().medium().coloursOver(thing.decoration().artwork()) > 1
              ? WorkPhase.Role.ALSO
              : WorkPhase.Role.NONE;
      case PRE_PRESS, PRIME -> WorkPhase.Role.NONE;
    };
  }

  /** Whether the place lies where two positions overlap, and had the first. */
  private boolean hasMain() {
    return phases.stream()
        .anyMatch(
            phase ->
                phase instanceof WorkPhase.Closed closed && closed.role() == WorkPhase.Role.MAIN);
  }
}
