package velvetkettle.core.hands;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.art.Placement;
import velvetkettle.core.art.StoneCount;
import velvetkettle.core.cloth.Area;
import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.cloth.GarmentFace;
import velvetkettle.core.cloth.Obstacle;
import velvetkettle.core.cloth.PlacedObstacle;
import velvetkettle.core.heat.Verdict;
import velvetkettle.core.media.MediaCatalogue;
import velvetkettle.core.media.trait.Peel;
import velvetkettle.core.media.trait.Stitch;
import velvetkettle.core.place.GarmentPattern;
import velvetkettle.core.plan.Plan;
import velvetkettle.core.plan.Step;
import velvetkettle.core.plan.TableStep;
import velvetkettle.core.plan.job.Decoration;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.plan.option.DecorationPlan;
import velvetkettle.core.plan.option.Option;
import velvetkettle.core.plan.together.SequenceEntry;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.Layer;
import velvetkettle.core.press.LayerKind;
import velvetkettle.core.press.Pad;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.press.Stack;
import velvetkettle.core.press.StoneSize;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.core.quantity.Term;
import velvetkettle.core.work.Act;
import velvetkettle.core.work.Filling;
import velvetkettle.core.work.Gap;
import velvetkettle.core.work.Purpose;
import velvetkettle.core.work.TableAct;
import velvetkettle.core.work.Until;

/** Carries a plan out to the letter and tells what goes wrong. */
public final class LiteralMaker {
  /** Something that stands out more than that presses instead of the art, cloths. */
  private static final double THICK = 2;

  /** A hand needs so long for a move, and what is peeled hot has to come off within, s. */
  private static final double MOVE = 3;

  private static final double STILL_HOT = 12;
  private static final double STILL_WARM = 25;
  private static final double PTFE_BEARS = 260;
  private static final double LONGEST_ON_A_STENCIL = 60;

  private final Garment garment;
  private final GarmentPattern pattern;
  private final Plan plan;
  private final Map<String, Press> presses = new LinkedHashMap<>();
  private final Map<String, Thing> things = new LinkedHashMap<>();
  private final Set<String> sewn = new HashSet<>();
  private final Set<String> toTry = new HashSet<>();
  private final Set<String> names = new HashSet<>();
  private final List<String> breaches = new ArrayList<>();

  private final Map<String, Celsius> dials = new HashMap<>();
  private final Map<String, Celsius> platens = new HashMap<>();
  private final Map<String, Pressure> knobs = new HashMap<>();
  private final Map<String, Pad> lowers = new HashMap<>();
  private final Map<String, StoneSize> tips = new HashMap<>();
  private final Set<String> steamSaid = new HashSet<>();
  private final Map<Gap, List<Act.Insert>> in = new HashMap<>();
  private final List<Thing> pile = new ArrayList<>();
  private final BetweenThePlatens between;
  private final Map<GarmentFace, List<Area>> dried = new HashMap<>();
  private final Set<String> sprayed = new HashSet<>();
  private final Set<String> misty = new HashSet<>();
  private final Set<String> stencils = new HashSet<>();
  private final Set<String> marked = new HashSet<>();
  private final Set<String> slit = new HashSet<>();
  private final Set<String> widened = new HashSet<>();
  private final Set<CoverSheet> inked = EnumSet.noneOf(CoverSheet.class);
  private final Table table = new Table(this::breach);
  private final Set<String> primed = new HashSet<>();
  private final Set<String> taped = new HashSet<>();
  private final Set<String> fixed = new HashSet<>();
  private final Set<Obstacle> tended = EnumSet.noneOf(Obstacle.class);
  private @Nullable String on;
  private String lies = "beside";
  private GarmentFace up = GarmentFace.FRONT;
  private @Nullable Obstacle open;
  private CoverSheet cover = CoverSheet.NONE;
  private Act.@Nullable Close down;
  private boolean rolled;
  private boolean looked;
  private double clock;
  private Step step;

  /** Where each closing of a thing has been, position by position. */
  private final Map<String, List<Area>> runs = new HashMap<>();

  private final Set<String> done = new HashSet<>();

  private LiteralMaker(JobRequest job, MediaCatalogue media, Plan plan) {
    garment = job.garment();
    pattern = GarmentPattern.of(garment);
    between = new BetweenThePlatens(garment, pattern, in, pile);
    this.plan = plan;
    step = plan.steps().get(0);
    job.shop().drawer().forEach(press -> presses.put(press.name(), press));
    presses.put(job.press().name(), job.press());
    for (Decoration decoration : job.decorations()) {
      Option option = taken(decoration.id());
      names.add(decoration.artwork().description());
      if (option == null) {
        sewn.add(decoration.id());
        continue;
      }
      things.put(
          decoration.id(),
          new Thing(decoration.id(), media.get(option.medium()), decoration.artwork()));
      if (option.advice().testFirst() != null) {
        toTry.add(decoration.id());
      }
    }
  }

  private @Nullable Option taken(String decoration) {
    return plan.decorations().stream()
        .filter(one -> one.decoration().equals(decoration))
        .map(DecorationPlan::current)
        .filter(Objects::nonNull)
        .findFirst()
        .orElse(null);
  }

  /** What goes wrong when a plan with steps is carried out; nothing where all is well. */
  public static List<String> breaches(JobRequest job, MediaCatalogue media, Plan plan) {
    LiteralMaker maker = new LiteralMaker(job, media, plan);
    for (TableStep each : plan.table()) {
      maker.names(each.instruction());
      each.acts().forEach(maker::atTheTable);
    }
    maker.dials.clear();
    for (Step each : plan.steps()) {
      maker.step = each;
      maker.read(each);
      each.acts().forEach(maker::act);
    }
    maker.end();
    return maker.breaches;
  }

  private void breach(String what) {
    breaches.add("step " + step.number() + " (" + step.instruction().key() + "): " + what);
  }

  private void demand(boolean holds, String otherwise) {
    if (!holds) {
      breach(otherwise);
    }
  }

  /** What a sentence names has to be there. */
  private void read(Step said) {
    names(said.instruction());
    if (said.where() != null) {
      names(said.where());
    }
    if (said.meanwhile() != null) {
      names(said.meanwhile());
    }
    demand(!said.acts().isEmpty(), "a sentence without an act");
    long closings = said.acts().stream().filter(Act.Close.class::isInstance).count();
    demand(
        closings == (said.stack() == null ? 0 : 1), "a Stack without a closing, or none for one");
    demand((said.setting() == null) == (said.stack() == null), "a setting without a closing");
    demand(said.press() == null || presses.containsKey(said.press()), "no such tool");
  }

  private void names(Sentence sentence) {
    for (Object argument : sentence.arguments()) {
      if (argument instanceof Sentence inner) {
        names(inner);
      } else if (argument instanceof Term term && term.key().startsWith("obstacle.")) {
        demand(
            garment.obstacles().stream().anyMatch(one -> one.term().equals(term)),
            "there is no " + term.key());
      } else if (argument instanceof String name) {
        demand(names.contains(name) || presses.containsKey(name), "there is no “" + name + "”");
      }
    }
  }

  private void atTheTable(Act act) {
    if (act instanceof Act.SetTemperature hot) {
      ofTool(hot);
      return;
    }
    Thing thing = things.get(act.thing());
    if (thing == null) {
      breach("no thing " + act.thing());
      return;
    }
    boolean hot =
        !(act instanceof TableAct.FuseWeb fused)
            || Objects.requireNonNull(taken(thing.id))
                .recipe()
                .setting()
                .platen()
                .equals(platens.get(fused.tool()));
    if (act instanceof TableAct.PressOn print) {
      hot = print.platen().equals(platens.get(print.tool()));
    }
    table.act(act, thing, hot);
  }

  private void act(Act act) {
    if (down != null && !(act instanceof Act.Open)) {
      breach("hands in a closed press: " + act);
    }
    demand(!looked, "work after the last look: " + act);
    clock += act instanceof Act.Open || act instanceof Act.Close ? 0 : MOVE;
    if (act instanceof Act.OfTool tool) {
      ofTool(tool);
    } else if (act instanceof Act.Close close) {
      close(close);
    } else if (act instanceof Act.Open) {
      open();
    } else if (!ofGarment(act) && !ofSheets(act)) {
      ofThing(act);
    }
  }

  private void ofTool(Act.OfTool act) {
    demand(presses.containsKey(act.tool()), "no tool " + act.tool());
    if (act instanceof Act.SetTemperature hot) {
      dials.put(act.tool(), hot.dial());
      platens.put(act.tool(), hot.platen());
    } else if (act instanceof Act.SetPressure firm) {
      demand(act.tool().equals(on), "pressure read without the garment");
      knobs.put(act.tool(), firm.pressure());
    } else if (act instanceof Act.LayLower lower) {
      demand(!lower.tool().equals(on), "the lower side changed under the garment");
      lowers.put(lower.tool(), lower.pad());
    } else if (act instanceof Act.FitTip tip) {
      tips.put(act.tool(), tip.size());
    } else {
      steamSaid.add(act.tool());
    }
  }

  private boolean ofGarment(Act act) {
    if (act instanceof Act.OpenUp it) {
      demand(open == null, "open already");
      demand(
          opens(GarmentFace.FRONT, it.fastening()) || opens(GarmentFace.BACK, it.fastening()),
          "it does not open so");
      free();
      open = it.fastening();
    } else if (act instanceof Act.DoUp it) {
      demand(open == it.fastening(), "it is not open");
      free();
      open = null;
    } else if (act instanceof Act.LayFlat flat) {
      demand(open == null, "laid flat with its front open");
      lies("flat", flat.tool(), flat.up());
    } else if (act instanceof Act.DrawOver over) {
      demand(layers() == 2, "one layer is not drawn over");
      lies("one layer", over.tool(), over.up());
    } else if (act instanceof Act.TurnInsideOut turn) {
      demand(fillings(Gap.INSIDE).isEmpty(), "turned with something inside");
      lies("inside out", turn.tool(), turn.worked());
    } else if (act instanceof Act.LayAside) {
      demand(!lies.equals("beside"), "it lies beside already");
      free();
      lies = "beside";
      on = null;
    } else if (act instanceof Act.HangOff hung) {
      demand(garment.obstacles().contains(hung.what()), "no " + hung.what() + " to hang off");
      demand(!lies.equals("beside"), "hung off nothing");
      tended.add(hung.what());
    } else if (act instanceof Act.EmptyPocket) {
      tended.add(Obstacle.POCKET);
    } else if (act instanceof Act.CutOpenings cut) {
      demand(lies.equals("beside"), "a blade on the press");
      demand(
          layers() == 1 || find(Filling.CUTTING_BOARD, Gap.INSIDE) != null, "cut through the back");
      demand(isCutFor(things.get(cut.thing())) && slit.add(cut.thing()), "cut for nothing");
    } else if (act instanceof Act.WidenOpenings wide) {
      demand(lies.equals("beside"), "a blade on the press");
      demand(slit.contains(wide.thing()) && widened.add(wide.thing()), "nothing to widen");
      demand(done.contains(wide.thing() + " " + Purpose.MAIN), "widened before it holds");
      demand(done.contains(wide.thing() + " " + Purpose.SECOND), "widened before it is even");
    } else if (act instanceof Act.Smooth smooth) {
      tended.add(smooth.loose());
    } else if (act instanceof Act.LintRoll) {
      rolled = true;
    } else if (act instanceof Act.PreWash) {
      demand(!rolled, "washed after it was rolled");
    } else if (act instanceof Act.Inspect) {
      looked = true;
    } else if (act instanceof Act.Wait wait) {
      if (wait.until() == Until.FLASHED_OFF) {
        misty.clear();
      }
      clock += wait.about().count();
    } else {
      return false;
    }
    return true;
  }

  private void lies(String how, String tool, GarmentFace face) {
    demand(presses.containsKey(tool), "no tool " + tool);
    demand(!(how.equals(lies) && tool.equals(on) && face == up), "turned to where it lay");
    free();
    lies = how;
    on = tool;
    up = face;
    tended.retainAll(EnumSet.of(Obstacle.POCKET, Obstacle.LINING));
  }

  /** Nothing slides while a garment is moved. */
  private void free() {
    demand(cover == CoverSheet.NONE, "moved under a sheet");
    demand(fillings(Gap.BELOW).isEmpty(), "moved off what lies below it");
  }

  private static boolean isTube(Placement where) {
    return switch (where) {
      case SLEEVE, RIGHT_SLEEVE, LEG, HOOD -> true;
      default -> false;
    };
  }

  private boolean opens(GarmentFace face) {
    return Stream.of(Obstacle.ZIP, Obstacle.BUTTON, Obstacle.SNAP).anyMatch(it -> opens(face, it));
  }

  /** A finger run down the middle of that face finds it nearly all the way. */
  private boolean opens(GarmentFace face, Obstacle what) {
    if (layers() == 1) {
      return false;
    }
    double hem = pattern.length() - pattern.collar(face);
    boolean[] felt = new boolean[10];
    for (PlacedObstacle one : pattern.obstacles(garment.obstacles(), garment.layout())) {
      if (one.what() == what && one.face() == face) {
        double middle = (one.area().x() + one.area().right()) / 2;
        if (Math.abs(middle) > 0.2 * pattern.width()) {
          return false;
        }
        for (int step = 0; step < 10; step++) {
          double y = (step + 0.5) / 10 * hem;
          felt[step] |= one.area().y() <= y && y <= one.area().bottom();
          // Buttons stand apart.
          felt[step] |= what != Obstacle.ZIP && Math.abs(one.area().y() - y) < 0.12 * hem;
        }
      }
    }
    return felt[1] && felt[3] && felt[5] && felt[7];
  }

  private int layers() {
    return garment.kind().layers();
  }

  private List<Act.Insert> fillings(Gap gap) {
    return in.computeIfAbsent(gap, none -> new ArrayList<>());
  }

  private boolean ofSheets(Act act) {
    if (act instanceof Act.Insert insert) {
      demand(insert.gap() != Gap.INSIDE || layers() == 2, "one layer has no inside");
      demand(
          insert.gap() != Gap.POCKET || garment.obstacles().contains(Obstacle.POCKET),
          "there is no pocket");
      demand(insert.gap() != Gap.BELOW || on != null, "laid below a garment that lies beside");
      demand(find(insert.what(), insert.gap()) == null, insert.what() + " is in there already");
      fillings(insert.gap()).add(insert);
    } else if (act instanceof Act.TakeOut out) {
      Act.Insert there = find(out.what(), out.gap());
      demand(there != null, "no " + out.what() + " to take out");
      fillings(out.gap()).remove(there);
    } else if (act instanceof Act.Cover over) {
      demand(cover == CoverSheet.NONE, "a second sheet over it");
      demand(!inked.contains(over.sheet()), "a sheet with ink in it");
      cover = over.sheet();
    } else if (act instanceof Act.Uncover) {
      demand(cover != CoverSheet.NONE, "no sheet to take off");
      cover = CoverSheet.NONE;
    } else if (act instanceof Act.ThrowAway used) {
      demand(inked.remove(used.sheet()), "a clean sheet thrown away");
      demand(cover != used.sheet(), "a sheet thrown away from under the press");
    } else {
      return false;
    }
    return true;
  }

  private Act.@Nullable Insert find(Filling what, Gap gap) {
    return fillings(gap).stream().filter(one -> one.what() == what).findFirst().orElse(null);
  }

  private void ofThing(Act act) {
    if (act instanceof Act.Pin || act instanceof Act.Fasten) {
      demand(sewn.contains(act.thing()), "no thing " + act.thing());
      demand(act instanceof Act.Pin || fixed.contains("Pin " + act.thing()), "not pinned first");
      fixed.add(act.getClass().getSimpleName() + " " + act.thing());
      return;
    }
    Thing thing = things.get(act.thing());
    if (thing == null) {
      breach("no thing " + act.thing());
    } else if (act instanceof Act.TryFirst) {
      demand(toTry.contains(thing.id), "tried without a reason, or twice");
      // The same medium for the same reason is tried once.
      toTry.removeIf(other -> reason(other).equals(reason(thing.id)));
      demand(clock <= 3 * MOVE * (things.size() + 1), "tried after the work began");
    } else if (act instanceof Act.Spray spray) {
      demand(!lies.equals("beside"), "sprayed beside the press");
      demand(find(Filling.PARCHMENT, Gap.BELOW) != null, "primer on the lower platen");
      misty.add(thing.id);
      demand(sprayed.add(thing.id) != spray.again(), "a second coat before the first");
      primed.remove(thing.id);
    } else if (act instanceof Act.LayOn laid) {
      layOn(thing, laid);
    } else if (act instanceof TableAct) {
      onTheGarment((TableAct) act, thing);
    } else if (act instanceof Act.Tape) {
      demand(thing.laid, "taped before it lay there");
      taped.add(thing.id);
    } else if (act instanceof Act.PeelOff peel) {
      peel(thing, peel);
    } else if (act instanceof Act.PaperOff) {
      demand(!thing.carried.isEmpty(), "no paper on it");
      demand(!thing.pressed.isEmpty(), "its paper came off before any press");
      bare(thing, List.of());
    } else if (act instanceof Act.Shield) {
      demand(thing.laid && !thing.shielded, "shielded twice, or before it lies there");
      inSight(thing);
      thing.shielded = true;
    } else if (act instanceof Act.Unshield) {
      demand(thing.shielded, "no sheet on it");
      inSight(thing);
      thing.shielded = false;
    } else {
      demand(thing.laid && thing.carried.isEmpty(), "sewn before it is done");
      demand(
          lies.equals("flat") || lies.equals("beside") || lies.equals("one layer"),
          "sewn inside out");
      fixed.add(act.getClass().getSimpleName() + " " + thing.id);
    }
  }

  private void onTheGarment(TableAct act, Thing thing) {
    boolean up = lies.equals("flat") || lies.equals("one layer");
    demand(
        up && !thing.laid == !(act instanceof TableAct.LiftStencil),
        "done at the wrong time: " + act);
    if (act instanceof TableAct.LayStencil) {
      demand(isBrushed(thing) && stencils.add(thing.id), "no stencil for " + thing.id);
    } else if (act instanceof TableAct.LiftStencil) {
      demand(stencils.remove(thing.id), "no stencil on " + thing.id);
      demand(!thing.pressed.isEmpty(), "the stencil is lifted before any press");
    } else {
      demand(act instanceof TableAct.MarkOut && marked.add(thing.id), "not on the garment: " + act);
    }
  }

  private static boolean isBrushed(Thing thing) {
    return thing.medium.key().equals("stone-stencil");
  }

  private void inSight(Thing thing) {
    boolean up = lies.equals("flat") || lies.equals("one layer");
    demand(lies.equals("beside") || up && thing.face == this.up, "it lies face down");
  }

  private Sentence reason(String id) {
    return Objects.requireNonNull(Objects.requireNonNull(taken(id)).advice().testFirst());
  }

  /** Through cloth that has no holes of its own. */
  private boolean isCutFor(Thing thing) {
    boolean holes = garment.fabric() == Fabric.LACE || garment.fabric() == Fabric.MESH;
    return thing.medium.key().startsWith("panel-") && !holes;
  }

  private static boolean goesInside(Thing thing) {
    return thing.medium.key().startsWith("panel-") || thing.medium.key().startsWith("label-");
  }

  private void layOn(Thing thing, Act.LayOn act) {
    boolean turned = lies.equals("inside out");
    demand(!lies.equals("beside") && turned == goesInside(thing), "laid on what is turned away");
    demand(act.inside() == turned, "it says another side than it lies on");
    demand(!isCutFor(thing) || slit.contains(thing.id), "nothing is cut for what lies behind");
    thing.inside = turned;
    demand(act.face() == up, "laid on the other side");
    demand(
        open != null || !opens(up.other()) || isTube(thing.art.placement()),
        "not opened, though it opens");
    demand(cover == CoverSheet.NONE, "laid on a sheet");
    demand(thing.carried.isEmpty(), "laid on its own carrier");
    demand(!act.layers().isEmpty(), "nothing laid on");
    demand(
        Math.abs(act.where().width() - thing.art.size().width().count()) < 1e-6
            && Math.abs(act.where().height() - thing.art.size().height().count()) < 1e-6,
        "laid in another size");
    demand(act.where().equals(art(thing.id)), "laid elsewhere");
    demand(rolled, "laid on hair and dust");
    if (thing.layers.isEmpty()) {
      table.taken(thing);
    }
    demand(stencils.contains(thing.id) == isBrushed(thing), "stones without a stencil");
    demand(
        !thing.medium.key().equals("stone-wand") || marked.contains(thing.id), "no line is marked");
    demand(primed.contains(thing.id) == sprayed.contains(thing.id), "laid on wet primer");
    demand(!thing.medium.atPress().primes() || primed.contains(thing.id), "laid on unprimed cloth");
    colours(thing, act);
    List<Layer> upper = new ArrayList<>(act.layers());
    upper.addAll(thing.layers);
    thing.layers.clear();
    thing.layers.addAll(upper);
    thing.laid = true;
    thing.face = act.face();
    thing.where = act.where();
    thing.pressed.clear();
    thing.openings.clear();
    boolean carrier = act.layers().stream().anyMatch(Thing::carries);
    thing.carried = carrier ? List.of(act.where()) : List.of();
    pile.remove(thing);
    pile.add(0, thing);
  }

  /** Film is cut colour by colour: each is laid for itself, once the one before holds. */
  private void colours(Thing thing, Act.LayOn act) {
    boolean cut = isCutFilm(thing);
    int of = cut ? thing.art.tones().colours() : 1;
    demand(act.of() == of, "laid in " + act.of() + " goes and not in " + of);
    demand(
        !cut || act.colour() == thing.colours + 1, "colour " + act.colour() + " out of its turn");
    demand(
        thing.colours == 0 || Areas.covers(thing.pressed, thing.where),
        "a colour is laid on one that does not hold");
    boolean more =
        act.layers().stream().anyMatch(layer -> !Thing.carries(layer)) && thing.colours > 0;
    demand(
        !cut || thing.colours == 0 || more == thing.art.detail().layered(),
        "colours over one another, or beside");
    thing.colours++;
  }

  private static boolean isCutFilm(Thing thing) {
    return thing.medium.key().startsWith("film-") && !thing.medium.key().equals("film-print");
  }

  private void peel(Thing thing, Act.PeelOff act) {
    demand(cover == CoverSheet.NONE, "peeled under a sheet");
    demand(!thing.carried.isEmpty(), "peeled with nothing to peel");
    demand(!lies.equals("inside out"), "peeled from the wrong side");
    demand(act.when() == wanted(thing), "peeled " + act.when() + " and not " + wanted(thing));
    double late =
        thing.openings.stream().mapToDouble(one -> clock - MOVE - one.at()).max().orElse(0);
    thing.openings.clear();
    demand(act.when() != Peel.HOT || late <= STILL_HOT, "a hot peel " + late + " s late");
    demand(act.when() != Peel.WARM || late <= STILL_WARM, "a warm peel " + late + " s late");
    demand(
        act.when() != Peel.HOT || act.waiting() == null || act.waiting().count() <= STILL_HOT,
        "a hot peel is waited for");
    demand(
        act.when() == Peel.HOT || act.when() == Peel.NONE || act.waiting() != null,
        "a cool peel is not waited for");
    clock += act.waiting() == null ? 0 : act.waiting().count();
    for (Area left : act.left()) {
      demand(left.overlaps(thing.where), "left on where it does not lie");
    }
    List<Area> reached = new ArrayList<>(thing.pressed);
    reached.addAll(act.left());
    demand(Areas.covers(reached, thing.where), "peeled where no press has been");
    bare(thing, act.left());
  }

  private Peel wanted(Thing thing) {
    return table.isMasked(thing)
        ? Peel.COLD
        : Objects.requireNonNull(taken(thing.id)).recipe().peel().when().value();
  }

  private static void bare(Thing thing, List<Area> left) {
    thing.carried = left;
    if (left.isEmpty()) {
      thing.layers.removeIf(Thing::carries);
    }
  }

  private void close(Act.Close close) {
    down = close;
    Press press = presses.get(close.tool());
    if (press == null) {
      breach("no tool " + close.tool());
      return;
    }
    demand(close.tool().equals(on), "closed without the garment");
    demand(find(Filling.CUTTING_BOARD, Gap.INSIDE) == null, "closed on a cutting board");
    demand(rolled, "closed on hair and dust");
    demand(
        !garment.obstacles().contains(Obstacle.POCKET)
            || tended.contains(Obstacle.POCKET) && find(Filling.PARCHMENT, Gap.POCKET) != null,
        "closed on a full pocket");
    demand(
        !garment.obstacles().contains(Obstacle.LINING) || tended.contains(Obstacle.LINING),
        "closed on a creased lining");
    if (cover != CoverSheet.NONE && pile.stream().anyMatch(one -> inks(one, close))) {
      inked.add(cover);
    }
    setting(close, press);
    crush(close, press);
    sticks(close, press);
    stack(close, press);
    reached(close);
  }

  private static boolean inks(Thing one, Act.Close close) {
    return one.medium.key().startsWith("sub-")
        && one.carried.stream().anyMatch(area -> area.overlaps(close.where()));
  }

  private void setting(Act.Close close, Press press) {
    Celsius dial = dials.get(close.tool());
    if (dial == null || step.setting() == null) {
      breach("the tool is cold");
      return;
    }
    demand(dial.equals(step.setting().dial()), "the tool is at " + dial);
    demand(
        Objects.equals(platens.get(close.tool()), step.setting().platen()), "the platen is not so");
    Pressure firm = press.kind().pressedByHand() ? Pressure.HAND : knobs.get(close.tool());
    demand(firm == step.setting().pressure(), "the knob is at " + firm);
    demand(close.time().equals(step.setting().time()), "another time than is set");
    demand(
        cover != CoverSheet.PTFE || step.setting().platen().degrees() <= PTFE_BEARS,
        "too hot for the sheet");
    demand(
        // A tip touches the stone, not the cloth.
        press.kind().setsSingleStones()
            || step.setting().platen().compareTo(garment.blend().weakest().limit()) <= 0,
        "hotter than its fibre bears");
    Thing thing = close.thing() == null ? null : things.get(close.thing());
    if (thing != null) {
      boolean setsStones = press.kind().setsSingleStones();
      demand(thing.medium.atPress().by(press.kind()), "a tool that cannot do it");
      demand(
          !setsStones
              || thing.art.stones().size() == null
              || tipOf(thing.art.stones(), close.position()) == tips.get(close.tool()),
          "another tip");
      demand(
          !setsStones || close.of() == 1 + thing.art.stones().smaller().size(),
          "stones of a size are left");
      demand(
          !thing.medium.key().contains("stencil") || close.time().count() <= LONGEST_ON_A_STENCIL,
          "longer than a stencil bears");
      demand(!press.kind().steams() || steamSaid.contains(close.tool()), "steam on or off?");
    }
    demand(
        Math.max(close.where().width(), close.where().height())
                <= Math.max(press.platenWidth().count(), press.platenDepth().count()) + 1e-6
            || press.kind().setsSingleStones(),
        "more than the platen covers");
  }

  /** What stands out below the platen; seen through the cloth where all layers lie there. */
  private void crush(Act.Close close, Press press) {
    Area platen = close.where();
    Act.Insert lift = lift();
    Area pressed =
        lift == null ? platen : Areas.shared(platen, Objects.requireNonNull(lift.where()));
    for (PlacedObstacle one : pattern.obstacles(garment.obstacles(), garment.layout())) {
      Area there = one.face() == up ? one.area() : below(one.face(), one.area());
      if (one.face() != up && !(lies.equals("flat") && layers() == 2)) {
        continue;
      }
      if (one.what().hard()) {
        demand(!there.overlaps(pressed), "closed on a " + one.what());
      } else if (one.what().relief() >= THICK && lift == null && !press.kind().setsSingleStones()) {
        boolean art = pressedThings(close).stream().anyMatch(a -> a.overlaps(there));
        demand(art || !there.overlaps(pressed), "closed on a thick " + one.what());
      }
    }
    for (Thing other : pile) {
      boolean stones = other.medium.appearance().ofStones();
      boolean both =
          close.thing() != null && things.get(close.thing()).medium.appearance().ofStones();
      boolean own = other.id.equals(close.thing());
      demand(
          !stones
              || own
              || both
              || other.face != up
              || lies.equals("inside out")
              || !other.where.overlaps(pressed),
          "closed on the stones of " + other.id);
    }
  }

  private Act.@Nullable Insert lift() {
    Act.Insert inside = find(Filling.FOAM_PAD, Gap.INSIDE);
    Act.Insert below = find(Filling.FOAM_PAD, Gap.BELOW);
    Act.Insert form = find(Filling.FORM, Gap.INSIDE);
    return inside != null ? inside : below != null ? below : form;
  }

  private Area below(GarmentFace face, Area area) {
    double down = pattern.collar(face) - pattern.collar(face.other());
    return new Area(-area.right(), area.y() + down, area.width(), area.height());
  }

  /** The art that is pressed there, now or later. */
  private List<Area> pressedThings(Act.Close close) {
    return plan.together().placed().stream()
        .filter(one -> close.thing() == null || one.decoration().equals(close.thing()))
        .map(one -> one.placing().art())
        .toList();
  }

  /** A hot platen on what melts. */
  private void sticks(Act.Close close, Press press) {
    if (cover != CoverSheet.NONE || press.cladInPtfe() || lies.equals("inside out")) {
      return;
    }
    for (Thing other : pile) {
      Area there = Areas.shared(other.where, close.where());
      if (other.face == up && !other.inside && there.surface() > 0 && !other.shielded) {
        double x = there.x() + there.width() / 2;
        double y = there.y() + there.height() / 2;
        boolean lower = pile.stream().anyMatch(o -> isOver(o, other, x, y));
        List<Layer> top = other.at(x, y);
        boolean melts =
            !top.isEmpty()
                && (top.get(0).kind() == LayerKind.FILM
                    || top.get(0).kind() == LayerKind.GLUE
                    || top.get(0).kind() == LayerKind.BLOCKER);
        boolean own = other.id.equals(close.thing()) && close.purpose() == Purpose.MAIN;
        demand(!melts || own || lower, "a bare platen on " + other.id);
      }
    }
  }

  private boolean isOver(Thing upper, Thing lower, double x, double y) {
    return upper != lower
        && upper.face == lower.face
        && pile.indexOf(upper) < pile.indexOf(lower)
        && Thing.holds(upper.where, x, y);
  }

  /** What the plan says of it, against what lies there. */
  /** Each size has its turn, the largest first; null where nobody said which. */
  private static @Nullable StoneSize tipOf(StoneCount stones, int turn) {
    List<StoneSize> sizes = new ArrayList<>(stones.smaller());
    Objects.requireNonNull(stones.size());
    sizes.add(stones.size());
    sizes.sort(Comparator.comparingDouble((StoneSize one) -> -one.width().count()));
    return turn > sizes.size() ? null : sizes.get(turn - 1);
  }

  private void stack(Act.Close close, Press press) {
    Stack said = step.stack();
    if (said == null) {
      return;
    }
    Thing thing = close.thing() == null ? null : things.get(close.thing());
    Area middle =
        thing == null || !thing.laid ? close.where() : Areas.shared(thing.where, close.where());
    double x = middle.x() + middle.width() / 2;
    double y = middle.y() + middle.height() / 2;
    List<String> there = between.at(x, y, lies, up, cover);
    List<String> told = ToldStack.of(said);
    demand(told.equals(there), "the Stack says " + told + ", there lies " + there);
    Pad lower = lowers.getOrDefault(press.name(), press.lower());
    boolean pile = garment.fabric() == Fabric.VELVET || garment.fabric() == Fabric.CORDUROY;
    demand(!pile || lower == Pad.FOLDED_TOWEL, "a pile on what crushes it");
    boolean hard = Set.of(Pad.RUBBER_PAD, Pad.BOARD, Pad.BARE).contains(lower);
    boolean lumps =
        thing != null
            && thing.laid
            && Set.of("stone-sheet", "stone-wand", "patch-web").contains(thing.medium.key());
    demand(!hard || !lumps, "what stands out on what does not give");
    demand(
        said.layers().get(said.layers().size() - 2).substance() == lower.substance(),
        "the Stack lies on something else");
    demand(
        said.layers().get(0).name().arguments().contains(press.name()),
        "the Stack of another tool");
  }

  private void reached(Act.Close close) {
    if (close.purpose() == Purpose.PRE_PRESS) {
      dried.computeIfAbsent(up, none -> new ArrayList<>()).add(close.where());
      return;
    }
    Thing thing = things.get(close.thing());
    if (thing == null) {
      breach("no thing " + close.thing());
      return;
    }
    if (close.purpose() == Purpose.PRIME) {
      demand(sprayed.contains(thing.id), "primed without primer");
      demand(!misty.contains(thing.id), "mist under a hot platen");
      primed.add(thing.id);
    } else {
      demand(thing.laid, "pressed before it lies there");
      demand(thing.face == up, "pressed on the other side");
      demand(!thing.medium.construction().gasInk() || taped.contains(thing.id), "may shift");
      boolean below = find(Filling.PARCHMENT, Gap.BELOW) != null;
      boolean first =
          close.purpose() == Purpose.MAIN
              || close.purpose() == Purpose.TACK
              || close.purpose() == Purpose.COLOUR;
      boolean stickOut = first && thing.colours > 1 && !presses.get(close.tool()).cladInPtfe();
      demand(!stickOut || cover != CoverSheet.NONE, "a bare platen on the colours below");
      demand(below == stencils.contains(thing.id) || !first, "paper below, or none for a stencil");
      demand(
          first && isBrushed(thing) == stencils.contains(thing.id)
              || !first && !stencils.contains(thing.id),
          "a stencil too many, or none");
      boolean fromBack = close.purpose() == Purpose.FROM_BACK;
      boolean main = close.purpose() == Purpose.MAIN;
      boolean turned = fromBack || main && (thing.medium.pressedFromBack() || goesInside(thing));
      demand(turned == lies.equals("inside out"), "pressed from the wrong side");
      demand(
          close.purpose() != Purpose.SECOND
              || thing.carried.stream().noneMatch(a -> a.overlaps(close.where())),
          "pressed again under its carrier");
    }
    if (close.position() == 1) {
      runs.put(thing.id + " " + close.purpose(), new ArrayList<>());
    }
    List<Area> run = runs.computeIfAbsent(thing.id + " " + close.purpose(), n -> new ArrayList<>());
    demand(run.size() == close.position() - 1, "positions out of their order");
    run.add(close.where());
    if (close.position() == close.of()) {
      Area art = thing.laid ? thing.where : art(thing.id);
      demand(Areas.covers(run, art), close.purpose() + " does not reach all of " + thing.id);
    }
    thing.pressed.add(close.where());
    done.add(thing.id + " " + close.purpose());
    thing.openings.add(new Thing.Opening(close.where(), clock + close.time().count()));
  }

  private Area art(String decoration) {
    return plan.together().placed().stream()
        .filter(one -> one.decoration().equals(decoration))
        .map(one -> one.placing().art())
        .findFirst()
        .orElseThrow();
  }

  private void open() {
    demand(down != null, "opened what is open");
    if (down != null) {
      clock += down.time().count();
    }
    down = null;
  }

  private void end() {
    demand(down == null, "left closed");
    demand(stencils.isEmpty(), "a stencil left on it");
    demand(inked.isEmpty(), "sheets with ink left about");
    demand(cover == CoverSheet.NONE, "a sheet left on it");
    demand(!lies.equals("inside out"), "left inside out");
    demand(looked, "nobody looked at it");
    demand(toTry.isEmpty(), "not tried first: " + toTry);
    for (Gap gap : Gap.values()) {
      demand(fillings(gap).isEmpty(), fillings(gap) + " left in");
    }
    for (Thing thing : things.values()) {
      end(thing);
    }
    for (String id : sewn) {
      demand(fixed.contains("Pin " + id) && fixed.contains("Fasten " + id), id + " is not fixed");
    }
    for (SequenceEntry entry : plan.together().sequence()) {
      demand(entry.margins().hold().verdict() != Verdict.NO, entry.decoration() + " lets go");
      demand(entry.margins().mark().verdict() != Verdict.NO, entry.decoration() + " marks");
      demand(entry.margins().bleed().verdict() != Verdict.NO, entry.decoration() + " bleeds");
    }
  }

  private void end(Thing thing) {
    demand(thing.laid, thing.id + " was never laid on");
    demand(thing.carried.isEmpty(), thing.id + " has its carrier on");
    demand(isCutFor(thing) == widened.contains(thing.id), thing.id + " is not opened up");
    demand(!thing.shielded, thing.id + " has a sheet on it");
    boolean full = done.contains(thing.id + " " + Purpose.MAIN);
    boolean under =
        things.values().stream()
            .anyMatch(
                other ->
                    other != thing
                        && done.contains(other.id + " " + Purpose.MAIN)
                        && Areas.covers(
                            Objects.requireNonNull(runs.get(other.id + " " + Purpose.MAIN)),
                            thing.where));
    demand(full || under, thing.id + " was never pressed in full");
    boolean cut = isCutFilm(thing);
    demand(
        !cut || thing.colours == thing.art.tones().colours(),
        thing.id + " has " + thing.colours + " of its colours");
    Option option = Objects.requireNonNull(taken(thing.id));
    demand(
        !full
            || option.recipe().presses().after().stream()
                .allMatch(
                    press ->
                        done.contains(
                            thing.id
                                + " "
                                + (press.kind().name().equals("SECOND")
                                    ? Purpose.SECOND
                                    : Purpose.FROM_BACK))),
        thing.id + " was not pressed again");
    demand(
        option.recipe().presses().drying().value().count() == 0
            || option.press() == null
            || Objects.requireNonNull(presses.get(option.press())).kind().setsSingleStones()
            || Areas.covers(dried.getOrDefault(thing.face, List.of()), thing.where),
        "the cloth below " + thing.id + " was not dried");
    demand(
        thing.medium.handling().stitch() != Stitch.MUST || fixed.contains("StitchEdge " + thing.id),
        thing.id + " is not stitched");
  }
}
