package velvetkettle.core.work;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.cloth.Area;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.cloth.GarmentFace;
import velvetkettle.core.cloth.Obstacle;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.LayerKind;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.Stack;

/**
 * A garment and the tools that it is worked on with, between two acts. A value: an act makes
 * another.
 *
 * @param tools by their names
 * @param lying on the cloth, the uppermost first
 * @param cover over it all
 * @param ready how far the things themselves have come
 * @param inked covers that ink has gone into as gas
 * @param closed how the tool came down; null while it is open
 */
public record Bench(
    Map<String, Tool> tools,
    WorkPiece piece,
    Pose pose,
    Fillings fillings,
    List<LaidPiece> lying,
    CoverSheet cover,
    Map<String, Readiness> ready,
    Set<CoverSheet> inked,
    Act.@Nullable Close closed) {
  public Bench {
    tools = Map.copyOf(tools);
    lying = List.copyOf(lying);
    ready = Map.copyOf(ready);
    inked = Set.copyOf(inked);
  }

  /** A garment beside cold tools, nothing in it or on it. */
  public static Bench with(Garment garment, List<Press> presses) {
    Map<String, Tool> cold = new LinkedHashMap<>();
    presses.forEach(press -> cold.put(press.name(), Tool.cold(press)));
    return new Bench(
        cold,
        WorkPiece.of(garment),
        Pose.BESIDE,
        Fillings.NONE,
        List.of(),
        CoverSheet.NONE,
        Map.of(),
        Set.of(),
        null);
  }

  /** The same whatever would be crushed: for what heat would do there all the same. */
  public Bench heedless() {
    return new Bench(tools, piece.bare(), pose, fillings, lying, cover, ready, inked, closed);
  }

  /** The same another day, the tools cold again. */
  public Bench nextDay() {
    Map<String, Tool> cold = new LinkedHashMap<>();
    tools.forEach((name, tool) -> cold.put(name, Tool.cold(tool.press())));
    return new Bench(cold, piece, pose, fillings, lying, cover, ready, inked, closed);
  }

  /** Act by act. */
  public Bench after(List<Act> acts) {
    Bench bench = this;
    for (Act act : acts) {
      bench = bench.after(act);
    }
    return bench;
  }

  /** The bench when it is done; {@link RefusedActException} where hands cannot do it. */
  public Bench after(Act act) {
    if (closed != null && !(act instanceof Act.Open)) {
      throw new RefusedActException(act, "the press is closed");
    }
    return act.on(this);
  }

  Bench set(Act.OfTool act) {
    Map<String, Tool> changed = new LinkedHashMap<>(tools);
    changed.put(act.tool(), act.set(tool(act, act.tool())));
    return new Bench(changed, piece, pose, fillings, lying, cover, ready, inked, null);
  }

  private Tool tool(Act act, String name) {
    Tool tool = tools.get(name);
    if (tool == null) {
      throw new RefusedActException(act, "there is no such tool");
    }
    return tool;
  }

  Bench laid(Act act, String tool, Pose.Way way, GarmentFace face) {
    tool(act, tool);
    if (tool.equals(pose.tool()) && pose.way() == way && pose.face() == face) {
      throw new RefusedActException(act, "it lies so already");
    }
    if (way == Pose.Way.FLAT
        && pose.way() == Pose.Way.INSIDE_OUT
        && !fillings.in(Gap.INSIDE).isEmpty()) {
      throw new RefusedActException(act, "what is inside is in the way");
    }
    if (way == Pose.Way.FLAT && pose.open() != null) {
      throw new RefusedActException(act, "it is open");
    }
    return moved(act, pose.lying(tool, way, face));
  }

  Bench openedUp(Act act, Obstacle fastening) {
    if (pose.open() != null || !piece.opens(fastening)) {
      throw new RefusedActException(act, "it is open, or does not open by that");
    }
    return moved(act, pose.opened(fastening));
  }

  Bench doneUp(Act act, Obstacle fastening) {
    if (pose.open() != fastening) {
      throw new RefusedActException(act, "it is not open");
    }
    return moved(act, pose.opened(null));
  }

  Bench laidAside(Act act) {
    if (pose.way() == Pose.Way.BESIDE) {
      throw new RefusedActException(act, "it lies beside already");
    }
    return moved(act, pose.lying(null, Pose.Way.BESIDE, pose.face()));
  }

  private Bench moved(Act act, Pose now) {
    if (cover != CoverSheet.NONE || !fillings.in(Gap.BELOW).isEmpty()) {
      throw new RefusedActException(act, "a sheet lies on it or below it");
    }
    return new Bench(tools, piece, now, fillings, lying, cover, ready, inked, null);
  }

  /** What is done to a thing itself. */
  Bench worked(TableAct act) {
    if (act instanceof TableAct.FuseWeb fused && tool(act, fused.tool()).platen() == null) {
      throw new RefusedActException(act, "the tool is cold");
    }
    if (act instanceof TableAct.PressOn print
        && !print.platen().equals(tool(act, print.tool()).platen())) {
      throw new RefusedActException(act, "the tool is not as hot as that");
    }
    return ready(act.thing(), ready(act.thing()).after(act));
  }

  private Readiness ready(String thing) {
    return ready.getOrDefault(thing, Readiness.FRESH);
  }

  private Bench ready(String thing, Readiness now) {
    Map<String, Readiness> changed = new LinkedHashMap<>(ready);
    changed.put(thing, now);
    return new Bench(tools, piece, pose, fillings, lying, cover, changed, inked, null);
  }

  /** The paper of a web: of what lies there, or of a thing that does not yet. */
  Bench unpapered(Act.PaperOff act) {
    Readiness thing = ready(act.thing());
    return thing.underPaper()
        ? ready(act.thing(), thing.withPaper(false))
        : peeled(act, act.thing(), List.of());
  }

  Bench thrownAway(Act.ThrowAway act) {
    if (cover == act.sheet() || !inked.contains(act.sheet())) {
      throw new RefusedActException(act, "it is in use, or clean");
    }
    Set<CoverSheet> still = new HashSet<>(inked);
    still.remove(act.sheet());
    return new Bench(tools, piece, pose, fillings, lying, cover, ready, still, null);
  }

  Bench tended(Act act, Obstacle what) {
    if (!piece.garment().obstacles().contains(what)) {
      throw new RefusedActException(act, "it has none");
    }
    return new Bench(tools, piece, pose.tending(what), fillings, lying, cover, ready, inked, null);
  }

  Bench inserted(Act.Insert act) {
    if (act.gap() == Gap.INSIDE && !piece.hasInside()) {
      throw new RefusedActException(act, "one layer of cloth has no inside");
    }
    if (act.gap() == Gap.POCKET && !piece.garment().obstacles().contains(Obstacle.POCKET)) {
      throw new RefusedActException(act, "there is no pocket");
    }
    if (fillings.in(act.gap()).contains(act.what())) {
      throw new RefusedActException(act, "it is in there already");
    }
    return new Bench(tools, piece, pose, fillings.with(act), lying, cover, ready, inked, null);
  }

  Bench takenOut(Act.TakeOut act) {
    if (!fillings.in(act.gap()).contains(act.what())) {
      throw new RefusedActException(act, "it is not in there");
    }
    return new Bench(tools, piece, pose, fillings.without(act), lying, cover, ready, inked, null);
  }

  /** The cloth is cut beside the press, over a board that the other layer lies under. */
  Bench cutOpen(Act.CutOpenings act) {
    if (pose.way() != Pose.Way.BESIDE) {
      throw new RefusedActException(act, "it lies on a press");
    }
    if (piece.hasInside() && !fillings.in(Gap.INSIDE).contains(Filling.CUTTING_BOARD)) {
      throw new RefusedActException(act, "the blade would go through both layers");
    }
    if (ready(act.thing()).openings()) {
      throw new RefusedActException(act, "it is cut open already");
    }
    return ready(act.thing(), ready(act.thing()).opened());
  }

  Bench widened(Act.WidenOpenings act) {
    boolean behind = lying.stream().anyMatch(one -> one.thing().equals(act.thing()));
    if (pose.way() != Pose.Way.BESIDE || !ready(act.thing()).openings() || !behind) {
      throw new RefusedActException(act, "nothing is cut open, or nothing lies behind it");
    }
    return this;
  }

  Bench laidOn(Act.LayOn act) {
    boolean inSight = act.inside() ? pose.way() == Pose.Way.INSIDE_OUT : pose.faceUp();
    if (!inSight || pose.face() != act.face()) {
      throw new RefusedActException(act, "the cloth that it belongs on is turned away");
    }
    if (cover != CoverSheet.NONE) {
      throw new RefusedActException(act, "a sheet lies on the cloth");
    }
    if (ready(act.thing()).underPaper()) {
      throw new RefusedActException(act, "paper is on its glue");
    }
    if (lying.stream().anyMatch(one -> one.thing().equals(act.thing()) && one.isCarried())) {
      throw new RefusedActException(act, "it lies there already, its carrier on it");
    }
    List<LaidPiece> now = new ArrayList<>();
    now.add(LaidPiece.of(act));
    now.addAll(lying);
    return lying(now);
  }

  Bench peeled(Act act, String thing, List<Area> left) {
    if (cover != CoverSheet.NONE) {
      throw new RefusedActException(act, "a sheet lies on it");
    }
    if (lying.stream().noneMatch(one -> one.thing().equals(thing) && one.isCarried())) {
      throw new RefusedActException(act, "it has no carrier to come off");
    }
    return lying(
        lying.stream()
            .map(one -> one.thing().equals(thing) && one.isCarried() ? one.carriedAt(left) : one)
            .filter(one -> one.isCarried() || !one.isCarrierOnly())
            .toList());
  }

  Bench shielded(Act act, String thing, CoverSheet sheet) {
    // A web and the cloth over it are one thing: the sheet lies on the upper.
    LaidPiece top =
        lying.stream().filter(one -> one.thing().equals(thing)).findFirst().orElse(null);
    if (top == null || (top.shield() == CoverSheet.NONE) == (sheet == CoverSheet.NONE)) {
      throw new RefusedActException(act, "it does not lie there, or so already");
    }
    boolean up = top.inside() ? pose.way() == Pose.Way.INSIDE_OUT : pose.faceUp();
    boolean inSight =
        pose.way() == Pose.Way.BESIDE && !top.inside() || up && pose.face() == top.face();
    if (!inSight) {
      throw new RefusedActException(act, "it lies face down");
    }
    return lying(lying.stream().map(one -> one == top ? one.under(sheet) : one).toList());
  }

  private Bench lying(List<LaidPiece> now) {
    return new Bench(tools, piece, pose, fillings, now, cover, ready, inked, null);
  }

  Bench covered(Act.Cover act) {
    if (cover != CoverSheet.NONE) {
      throw new RefusedActException(act, "a sheet lies there already");
    }
    if (inked.contains(act.sheet())) {
      throw new RefusedActException(act, "ink is in that sheet");
    }
    return under(act.sheet(), null);
  }

  Bench uncovered(Act act) {
    if (cover == CoverSheet.NONE) {
      throw new RefusedActException(act, "nothing lies over it");
    }
    return under(CoverSheet.NONE, null);
  }

  Bench closed(Act.Close act) {
    Tool tool = tool(act, act.tool());
    if (!act.tool().equals(pose.tool())) {
      throw new RefusedActException(act, "the garment does not lie under it");
    }
    if (tool.platen() == null || tool.pressure() == null) {
      throw new RefusedActException(act, "its temperature or its pressure is not set");
    }
    if (fillings.in(Gap.INSIDE).contains(Filling.CUTTING_BOARD)) {
      throw new RefusedActException(act, "the cutting board is still in it");
    }
    Area lifted = fillings.lifted();
    Area pressed = lifted == null ? act.where() : lifted.common(act.where());
    Optional<Obstacle> crushed = piece.under(pressed, pose.face(), pose.way());
    if (crushed.isPresent()) {
      throw new RefusedActException(act, crushed.get() + " would be crushed");
    }
    if (act.purpose() == Purpose.SECOND && isCarriedUnder(act)) {
      throw new RefusedActException(act, "its carrier is still on");
    }
    boolean covers = act.purpose() == Purpose.SECOND || act.purpose() == Purpose.FROM_BACK;
    if (covers && act.thing() != null && ready(act.thing()).stencil()) {
      throw new RefusedActException(act, "its stencil is still on");
    }
    Set<CoverSheet> stained = new HashSet<>(inked);
    if (cover != CoverSheet.NONE && inkUnder(act)) {
      stained.add(cover);
    }
    return new Bench(tools, piece, pose, fillings, lying, cover, ready, stained, act);
  }

  /** Ink that goes over as gas goes into the sheet over it as well. */
  private boolean inkUnder(Act.Close act) {
    return lying.stream()
        .filter(one -> one.isCarried() && one.where().overlaps(act.where()))
        .flatMap(one -> one.layers().stream())
        .anyMatch(layer -> layer.kind() == LayerKind.INK);
  }

  private boolean isCarriedUnder(Act.Close act) {
    return lying.stream()
        .anyMatch(
            one ->
                one.thing().equals(act.thing())
                    && one.carried().stream().anyMatch(act.where()::overlaps));
  }

  Bench opened(Act act) {
    if (closed == null) {
      throw new RefusedActException(act, "the press is open");
    }
    return under(cover, null);
  }

  private Bench under(CoverSheet sheet, Act.@Nullable Close down) {
    return new Bench(tools, piece, pose, fillings, lying, sheet, ready, inked, down);
  }

  /** Whether the stencil of a thing lies there, which says where its stones go. */
  public boolean isUnderStencil(String thing) {
    return ready(thing).stencil();
  }

  /** What was put into a gap, the upper first. */
  public List<Filling> in(Gap gap) {
    return fillings.in(gap);
  }

  /** The tool that it lies on; {@link IllegalStateException} where it lies beside. */
  public Tool tool() {
    Tool tool = pose.tool() == null ? null : tools.get(pose.tool());
    if (tool == null) {
      throw new IllegalStateException("the garment lies on no tool");
    }
    return tool;
  }

  /**
   * What lies between the platens in the middle of what a tool comes down on, from the hot one
   * down. The glue line is that of the thing that is pressed; there is none on bare cloth.
   */
  public Stack stack(Act.Close closing) {
    return Column.pressed(this, closing);
  }

  /**
   * The same at another place, as a thing that lies there meets it: right way up from its own face,
   * upside down from the other. What lies over and under it counts as patches.
   *
   * @param place whose middle it is, on the face that the thing lies on, mm
   * @return empty where the tool does not come down there
   */
  public Optional<Stack> stackOf(Act.Close closing, String thing, GarmentFace face, Area place) {
    return Column.of(this, closing, thing, face, place);
  }
}
