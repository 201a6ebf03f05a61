package velvetkettle.core.plan.order;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.cloth.Area;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.cloth.GarmentFace;
import velvetkettle.core.cloth.Obstacle;
import velvetkettle.core.place.Placing;
import velvetkettle.core.place.PlatenApproach;
import velvetkettle.core.press.Press;
import velvetkettle.core.work.Act;
import velvetkettle.core.work.Filling;
import velvetkettle.core.work.Gap;
import velvetkettle.core.work.Pose;

/**
 * How a garment lies while its acts are written, and what is in it and below it: only what is not
 * so already is done, and none of it is left in the end.
 */
final class GarmentActs {
  private final List<Act> acts;
  private final boolean hasInside;
  private @Nullable String on;
  private Pose.Way pose = Pose.Way.BESIDE;
  private GarmentFace face = GarmentFace.FRONT;
  private @Nullable Filling inside;
  private @Nullable Filling lift;
  private Gap liftIn = Gap.INSIDE;
  private @Nullable Area lifted;
  private @Nullable Filling below;
  private boolean inPocket;
  private @Nullable Obstacle open;
  private final Set<Obstacle> hung = EnumSet.noneOf(Obstacle.class);

  GarmentActs(Garment garment, List<Act> acts) {
    this.acts = acts;
    hasInside = garment.kind().layers() == 2;
  }

  /** Parchment stays in the pocket until all is done. */
  void emptyPocket() {
    acts.add(new Act.EmptyPocket());
    acts.add(new Act.Insert(Filling.PARCHMENT, Gap.POCKET, null));
    inPocket = true;
  }

  /** On the lower platen of a tool, its face up, as its way with the obstacles wants it. */
  void lie(Press press, Placing placing) {
    GarmentFace up = placing.face();
    Obstacle about = placing.about();
    boolean oneLayer = placing.oneLayer();
    Pose.Way wanted = oneLayer ? Pose.Way.ONE_LAYER : Pose.Way.FLAT;
    if (open != placing.opened()) {
      // Nobody opens or closes what lies drawn over a platen.
      aside();
      liftOut();
    }
    if (!press.name().equals(on) || pose != wanted || face != up) {
      // What lies below and what lifts the old place are in the way.
      belowOut();
      boolean turned = pose != wanted && pose != Pose.Way.BESIDE;
      if (face != up || turned || liftIn == Gap.BELOW) {
        liftOut();
      }
      if (oneLayer) {
        takeOut();
      }
      open(placing.opened());
      acts.add(oneLayer ? new Act.DrawOver(press.name(), up) : new Act.LayFlat(press.name(), up));
      now(press, wanted, up);
    }
    if (placing.way() == PlatenApproach.HANG_OFF && about != null && hung.add(about)) {
      acts.add(new Act.HangOff(about));
    }
  }

  /** What is not to be open is done up again, and lies as it was measured. */
  private void open(@Nullable Obstacle wanted) {
    if (open == wanted) {
      return;
    }
    if (open != null) {
      acts.add(new Act.DoUp(open));
    }
    if (wanted != null) {
      acts.add(new Act.OpenUp(wanted));
    }
    open = wanted;
  }

  private void now(Press press, Pose.Way lies, GarmentFace up) {
    on = press.name();
    pose = lies;
    face = up;
    hung.clear();
  }

  /** Inside out, for a press from the back; nothing where it lies so already. */
  void insideOut(Press press) {
    if (pose != Pose.Way.INSIDE_OUT) {
      emptied();
      acts.add(new Act.TurnInsideOut(press.name(), face));
      now(press, Pose.Way.INSIDE_OUT, face);
    }
  }

  /** Off the press, right side out. */
  void aside() {
    if (pose != Pose.Way.BESIDE) {
      belowOut();
      if (liftIn == Gap.BELOW) {
        liftOut();
      }
      acts.add(new Act.LayAside());
      pose = Pose.Way.BESIDE;
      on = null;
      hung.clear();
    }
  }

  /** Openings for a thing, cut beside the press; a board keeps the blade from the other layer. */
  void cutOpen(String thing) {
    aside();
    emptied();
    if (hasInside) {
      acts.add(new Act.Insert(Filling.CUTTING_BOARD, Gap.INSIDE, null));
    }
    acts.add(new Act.CutOpenings(thing));
    if (hasInside) {
      acts.add(new Act.TakeOut(Filling.CUTTING_BOARD, Gap.INSIDE));
    }
  }

  /** With that face in sight: as it lies, or beside the press. */
  void turnUp(GarmentFace wanted) {
    boolean up = pose == Pose.Way.FLAT || pose == Pose.Way.ONE_LAYER;
    if (!(up && face == wanted)) {
      aside();
    }
  }

  boolean isInsideOut() {
    return pose == Pose.Way.INSIDE_OUT;
  }

  /** Parchment keeps front and back apart. */
  void parchmentIn() {
    belowOut();
    if (needsSheet() && inside == null) {
      insert(Filling.PARCHMENT);
    }
  }

  /** Kraft paper stops ink that goes over as gas, inside and below. */
  void kraftIn() {
    if (below == Filling.KRAFT) {
      return;
    }
    belowOut();
    if (needsSheet()) {
      takeOut();
      insert(Filling.KRAFT);
    }
    acts.add(new Act.Insert(Filling.KRAFT, Gap.BELOW, null));
    below = Filling.KRAFT;
  }

  /** Paper on the lower platen, below the cloth. */
  void paperBelow() {
    if (below == null) {
      acts.add(new Act.Insert(Filling.PARCHMENT, Gap.BELOW, null));
      below = Filling.PARCHMENT;
    }
  }

  void paperOut() {
    if (below == Filling.PARCHMENT) {
      belowOut();
    }
  }

  private boolean needsSheet() {
    return hasInside && pose == Pose.Way.FLAT;
  }

  /**
   * A pad or a form under the art, or what was there out.
   *
   * @return whether that changed
   */
  boolean lift(@Nullable Filling with, Area where) {
    if (with == lift && (with == null || where.equals(lifted))) {
      return false;
    }
    boolean out = liftOut();
    if (with != null) {
      liftIn = hasInside && pose == Pose.Way.FLAT ? Gap.INSIDE : Gap.BELOW;
      acts.add(new Act.Insert(with, liftIn, where));
      lift = with;
      lifted = where;
    }
    return out || with != null;
  }

  /** Everything out again, and right side out. */
  void clear() {
    if (pose == Pose.Way.INSIDE_OUT) {
      aside();
    }
    emptied();
    if (inPocket) {
      inPocket = false;
      acts.add(new Act.TakeOut(Filling.PARCHMENT, Gap.POCKET));
    }
  }

  private void emptied() {
    belowOut();
    takeOut();
    liftOut();
  }

  private void insert(Filling sheet) {
    acts.add(new Act.Insert(sheet, Gap.INSIDE, null));
    inside = sheet;
  }

  private void takeOut() {
    if (inside != null) {
      acts.add(new Act.TakeOut(inside, Gap.INSIDE));
      inside = null;
    }
  }

  /** The kraft paper inside goes with that below. */
  private void belowOut() {
    if (below != null) {
      acts.add(new Act.TakeOut(below, Gap.BELOW));
      boolean kraft = below == Filling.KRAFT;
      below = null;
      if (kraft) {
        takeOut();
      }
    }
  }

  private boolean liftOut() {
    if (lift == null) {
      return false;
    }
    acts.add(new Act.TakeOut(lift, liftIn));
    lift = null;
    lifted = null;
    return true;
  }
}
