package velvetkettle.core.plan;

import static java.util.Objects.requireNonNull;

import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.art.Placement;
import velvetkettle.core.cloth.Area;
import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.cloth.GarmentFace;
import velvetkettle.core.cloth.Obstacle;
import velvetkettle.core.media.Medium;
import velvetkettle.core.media.trait.Peel;
import velvetkettle.core.place.GarmentPattern;
import velvetkettle.core.place.GarmentPlaces;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.plan.order.OrderOfWork.Chosen;
import velvetkettle.core.plan.order.Precedence;
import velvetkettle.core.plan.recipe.LayUpActs;
import velvetkettle.core.plan.recipe.ToolWriter;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.Pad;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.StoneSize;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.core.quantity.Term;
import velvetkettle.core.school.School;
import velvetkettle.core.work.Act;
import velvetkettle.core.work.Bench;
import velvetkettle.core.work.Pose;
import velvetkettle.core.work.Purpose;
import velvetkettle.core.work.TableAct;

/**
 * Says a move as a maker would say it to a colleague: the noun and the verb come from what the
 * thing, the place and the tool are.
 */
final class Instructions {
  /** What the work lies on under a tool that is held in a hand. */
  private static final Term BOARD = new Term("lower.board");

  private final JobRequest job;
  private final Garment garment;
  private final Map<String, Chosen> things;

  Instructions(JobRequest job, List<Chosen> all) {
    this.job = job;
    garment = job.garment();
    things =
        all.stream().collect(Collectors.toMap(one -> one.decoration().id(), Function.identity()));
  }

  /**
   * @param before the bench before it
   * @param next the thing that is laid on or pressed next; null where none is
   */
  Sentence of(List<Act> move, Bench before, @Nullable String next) {
    Act main = move.stream().filter(Act.Close.class::isInstance).findFirst().orElse(move.get(0));
    if (main instanceof Act.Close close) {
      return plain(close, before.after(move.subList(0, move.indexOf(close))).cover());
    }
    if (move.stream().anyMatch(Act.CutOpenings.class::isInstance)) {
      return Sentence.of(garment.kind().layers() == 2 ? "do.cut-open" : "do.cut-open.single");
    }
    if (main instanceof Act.OfTool tool) {
      return ofTool(tool, before, next);
    }
    if (main instanceof Act.Insert || main instanceof Act.TakeOut) {
      return new SheetWords(things.values()).of(move, before);
    }
    Sentence ofCloth = ofCloth(main, move, before);
    return ofCloth != null ? ofCloth : ofThing(main);
  }

  /** Where on the garment it is done; null where that is not asked. */
  @Nullable Sentence where(List<Act> move, Bench before) {
    return new Whereabouts(garment, things).of(move, before);
  }

  private Sentence ofTool(Act.OfTool act, Bench before, @Nullable String next) {
    Press press = requireNonNull(before.tools().get(act.tool())).press();
    if (act instanceof Act.SetTemperature hot) {
      return heating(press, hot);
    }
    if (act instanceof Act.SetSteam steam) {
      return Sentence.of(steam.on() ? "do.steam-on" : "do.steam-off", press.name());
    }
    if (act instanceof Act.LayLower lower) {
      return lowerSide(press, lower.pad(), heldByHand(lower.tool(), before));
    }
    if (act instanceof Act.FitTip tip) {
      return Sentence.of("do.fit-tip", press.name(), tip.size(), tip.size().width());
    }
    Act.SetPressure firm = (Act.SetPressure) act;
    // How much of what lies there carries the force is told by what is pressed next.
    Chosen pressed = requireNonNull(things.get(requireNonNull(next)));
    return Sentence.of(
        "do.set-pressure",
        press.name(),
        ToolWriter.knob(
            press, job.workplace(pressed.decoration(), press).under(), firm.pressure()));
  }

  /** What the work is to lie on, and why. */
  private Sentence lowerSide(Press press, Pad pad, boolean board) {
    if (pad == press.lower()) {
      return board
          ? Sentence.of("do.lay-lower.back.board", pad)
          : Sentence.of("do.lay-lower.back", press.name(), pad);
    }
    String why = garment.fabric().is(Fabric.Trait.PILE) ? "" : ".even";
    return board
        ? Sentence.of("do.lay-lower" + why + ".board", pad)
        : Sentence.of("do.lay-lower" + why, press.name(), pad);
  }

  /** Where there are several sizes, each has its turn. */
  private static Sentence stones(List<StoneSize> sizes, int turn) {
    return sizes.size() < 2
        ? Sentence.of("do.press-stone")
        : Sentence.of("do.press-stone.size", sizes.get(turn - 1));
  }

  /** A platen is brought to a temperature. */
  static Sentence heating(Press press, Act.SetTemperature hot) {
    return press.kind().setsSingleStones()
        ? Sentence.of("do.set-tip-hot", press.name())
        : Sentence.of(
            press.kind().setInDegrees() ? "do.set-temperature" : "do.set-dots",
            press.name(),
            hot.dial());
  }

  private @Nullable Sentence ofCloth(Act act, List<Act> move, Bench before) {
    if (act instanceof Act.PreWash wash) {
      return switch (wash.why()) {
        case SOFTENER -> Sentence.of("do.pre-wash.softener");
        case STONES -> Sentence.of("do.pre-wash.stones");
        case SHRINKS -> Sentence.of("do.pre-wash.shrinks");
        case ALWAYS -> Sentence.of("do.pre-wash.always");
      };
    }
    if (act instanceof Act.LintRoll) {
      return Sentence.of("do.lint-roll");
    }
    if (act instanceof Act.EmptyPocket) {
      return Sentence.of("do.obstacle.pocket", Obstacle.POCKET);
    }
    if (act instanceof Act.Smooth smooth) {
      return Sentence.of("do.obstacle.loose", smooth.loose());
    }
    if (act instanceof Act.LayFlat flat) {
      return layFlat(flat, move, before);
    }
    if (act instanceof Act.OpenUp open) {
      return Sentence.of("do.open-up", open.fastening().asFastening());
    }
    if (act instanceof Act.DoUp up) {
      return Sentence.of("do.do-up", up.fastening().asFastening());
    }
    if (act instanceof Act.DrawOver over && before.pose().open() != null) {
      return Sentence.of("do.lay-alone", onto(over.tool(), before), over.up());
    }
    if (act instanceof Act.DrawOver over) {
      return heldByHand(over.tool(), before)
          ? Sentence.of("do.draw-over.board", over.up())
          : Sentence.of("do.draw-over", over.tool(), over.up());
    }
    if (act instanceof Act.HangOff hung) {
      return Sentence.of("place.hang-off", hung.what());
    }
    if (act instanceof Act.TurnInsideOut turn) {
      boolean pocket = liesOnPocket(before, turn.worked());
      String board = heldByHand(turn.tool(), before) ? ".board" : "";
      if (before.lying().stream().noneMatch(one -> one.face() == turn.worked())) {
        return Sentence.of(
            garment.kind().layers() == 1 ? "do.turn-wrong-side-up" : "do.turn-inside-up" + board);
      }
      return Sentence.of(pocket ? "do.turn-pocket" : "do.turn-face-down" + board);
    }
    if (act instanceof Act.LayAside) {
      return Sentence.of(
          before.pose().way() == Pose.Way.INSIDE_OUT ? "do.turn-back" : "do.lay-aside");
    }
    if (act instanceof Act.Wait wait) {
      return Sentence.of(
          switch (wait.until()) {
            case FLASHED_OFF -> "do.flash-off";
            case CLOTH_COOL -> "do.cool-cloth";
            case SET ->
                before.pose().way() == Pose.Way.INSIDE_OUT
                        && liesOnPocket(before, before.pose().face())
                    ? "do.cool-flat-no-sewing"
                    : "do.cool-flat";
          });
    }
    if (act instanceof Act.ThrowAway used) {
      return Sentence.of("do.throw-away", used.sheet());
    }
    if (act instanceof Act.Inspect) {
      boolean pressed = things.values().stream().anyMatch(one -> one.pressed() != null);
      return Sentence.of(pressed ? "do.inspect" : "do.inspect-fastened");
    }
    return null;
  }

  private Sentence layFlat(Act.LayFlat act, List<Act> move, Bench before) {
    Obstacle hung =
        move.stream()
            .filter(Act.HangOff.class::isInstance)
            .map(one -> ((Act.HangOff) one).what())
            .findFirst()
            .orElse(null);
    boolean turned = before.pose().tool() != null && before.pose().face() != act.up();
    boolean two = garment.kind().layers() == 2;
    Object on = onto(act.tool(), before);
    Sentence lay =
        before.pose().way() == Pose.Way.INSIDE_OUT
            ? Sentence.of("do.turn-back-onto", on)
            : turned
                ? Sentence.of("do.turn-over-onto", on, act.up())
                : two
                    ? Sentence.of("do.lay-flat", on, act.up())
                    : Sentence.of(
                        act.up() == GarmentFace.FRONT ? "do.lay-single" : "do.lay-single-back", on);
    return hung == null ? lay : Sentence.of("do.lay-and-hang", lay, hung);
  }

  private static Object onto(String tool, Bench before) {
    return heldByHand(tool, before) ? BOARD : tool;
  }

  /** What is held in a hand has no lower platen: the work lies on a board. */
  private static boolean heldByHand(String tool, Bench before) {
    return requireNonNull(before.tools().get(tool)).press().kind().pressedByHand();
  }

  private Sentence ofThing(Act act) {
    if (act instanceof Act.Shield || act instanceof Act.Unshield) {
      String name = Precedence.name(requireNonNull(things.get(requireNonNull(act.thing()))));
      return Sentence.of(act instanceof Act.Shield ? "do.shield" : "do.unshield", name);
    }
    Chosen thing = requireNonNull(things.get(requireNonNull(act.thing())));
    Term placement = place(thing.decoration().artwork().placement());
    if (act instanceof Act.Pin) {
      return Sentence.of("do.place.no-heat", placement);
    }
    if (act instanceof Act.Fasten) {
      return Sentence.of("do.fasten");
    }
    Medium medium = thing.press().medium();
    if (act instanceof Act.TryFirst) {
      return requireNonNull(thing.testFirst());
    }
    if (act instanceof Act.Spray spray) {
      return Sentence.of(spray.again() ? "do.prime-again" : "do.spray");
    }
    if (act instanceof TableAct.LayStencil) {
      return Sentence.of("do.lay-stencil", placement);
    }
    if (act instanceof TableAct.LiftStencil) {
      return Sentence.of("do.lift-stencil");
    }
    if (act instanceof TableAct.MarkOut) {
      return Sentence.of("do.mark-out", placement);
    }
    if (act instanceof Act.LayOn laid && laid.of() > 1) {
      Sentence lay = Sentence.of(placing(laid, medium), placement);
      return laid.colour() == 1
          ? Sentence.of("do.place.first-colour", lay, laid.of())
          : Sentence.of("do.place.next-colour", laid.colour(), laid.of());
    }
    if (act instanceof Act.LayOn laid) {
      return Sentence.of(placing(laid, medium), placement);
    }
    if (act instanceof Act.WidenOpenings) {
      return Sentence.of("do.widen");
    }
    if (act instanceof Act.PaperOff) {
      return Sentence.of("do.web-paper-off");
    }
    if (act instanceof Act.PeelOff peel) {
      return peeling(peel, medium);
    }
    return Sentence.of(act instanceof Act.StitchEdge ? "do.stitch" : "do.sew-to-lining");
  }

  /** A ribbon has no chest, and what lies in a corner is measured from the middle of the cloth. */
  private Term place(Placement placement) {
    return GarmentPlaces.has(garment.kind(), placement) && placement.hasCentre()
        ? placement.term()
        : new Term("placement.cloth");
  }

  private String placing(Act.LayOn laid, Medium medium) {
    if (laid.layers().equals(LayUpActs.web(medium)) && medium.construction().layers().size() > 1) {
      return "do.place.web-alone";
    }
    boolean onPocket = medium.pressedFromBack() && isOnPocket(laid.face(), laid.where());
    return onPocket ? "do.place.patch-on-pocket" : medium.wording().placing();
  }

  private boolean liesOnPocket(Bench bench, GarmentFace face) {
    return bench.lying().stream()
        .anyMatch(piece -> piece.face() == face && isOnPocket(face, piece.where()));
  }

  private boolean isOnPocket(GarmentFace face, Area where) {
    return GarmentPattern.pockets(garment, face).stream().anyMatch(where::overlaps);
  }

  private Sentence peeling(Act.PeelOff act, Medium medium) {
    if (!medium.construction().hasCarrier()) {
      return Sentence.of("do.mask-off");
    }
    Peel peel = act.when();
    boolean atOnce = peel == Peel.HOT || peel == Peel.NONE;
    String again =
        atOnce
            ? ""
            : job.shop().schools().keepTo(School.PRESS_AGAIN_AT_ONCE) ? ".at-once" : ".look";
    Sentence say =
        Sentence.of(
            medium.wording().peeling(peel).orElse("do.peel-off." + peel.term().key() + again));
    return act.left().isEmpty() ? say : Sentence.of("do.peel-so-far", say);
  }

  private Sentence plain(Act.Close close, CoverSheet cover) {
    if (close.purpose() == Purpose.PRE_PRESS) {
      return Sentence.of(cover == CoverSheet.NONE ? "do.flatten" : "do.flatten-covered");
    }
    Chosen thing = requireNonNull(things.get(requireNonNull(close.thing())));
    Medium medium = thing.press().medium();
    return switch (close.purpose()) {
      case PRIME -> Sentence.of("do.prime-press", cover);
      case TACK -> tack(thing, medium, cover);
      case COLOUR -> under(Sentence.of("do.hold-colour"), cover);
      case MAIN -> mainPress(thing, medium, cover, close.position());
      case SECOND -> Sentence.of(pressingAgain(medium, cover), cover);
      default -> under(Sentence.of("do.press-back-again"), cover);
    };
  }

  private Sentence mainPress(Chosen thing, Medium medium, CoverSheet cover, int position) {
    boolean said = medium.pressedFromBack() || isExtra(thing, cover);
    Sentence say =
        thing.press().press().kind().setsSingleStones()
            ? stones(thing.decoration().artwork().stones().sizes(), position)
            : Sentence.of(medium.wording().pressing());
    return said ? covered(say, thing, cover) : under(say, cover);
  }

  private static Sentence under(Sentence say, CoverSheet cover) {
    return cover == CoverSheet.NONE ? say : Sentence.of("do.press-under", cover, say);
  }

  /** A sheet that the medium alone would not have. */
  private static Sentence covered(Sentence say, Chosen thing, CoverSheet cover) {
    return isExtra(thing, cover) ? Sentence.of("do.cover-all", say) : say;
  }

  private static boolean isExtra(Chosen thing, CoverSheet cover) {
    return cover != CoverSheet.NONE
        && thing.press().recipe().layUp().cover().value() == CoverSheet.NONE;
  }

  private static Sentence tack(Chosen thing, Medium medium, CoverSheet cover) {
    return thing.lowerLayer()
        ? covered(Sentence.of("do.tack-layer"), thing, cover)
        : Sentence.of(medium.pressedFromBack() ? "do.tack" : "do.tack-web");
  }

  /** Under a cotton cloth so short a press adds hardly anything to the bond: it is for the look. */
  private String pressingAgain(Medium medium, CoverSheet cover) {
    if (cover == CoverSheet.COTTON && garment.isNylon() && !medium.appearance().ofStones()) {
      return "do.second-press.soaks";
    }
    boolean forTheLook = cover == CoverSheet.COTTON && !medium.again().bonds();
    return forTheLook ? "do.second-press.look" : medium.wording().pressingAgain();
  }
}
