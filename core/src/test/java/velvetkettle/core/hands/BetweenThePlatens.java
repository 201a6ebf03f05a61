package velvetkettle.core.hands;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.cloth.GarmentFace;
import velvetkettle.core.cloth.Obstacle;
import velvetkettle.core.cloth.PlacedObstacle;
import velvetkettle.core.place.GarmentPattern;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.work.Act;
import velvetkettle.core.work.Filling;
import velvetkettle.core.work.Gap;

/** What a maker sees from the side when the tool is down: from the hot platen to the lower one. */
final class BetweenThePlatens {
  private final Garment garment;
  private final GarmentPattern pattern;
  private final Map<Gap, List<Act.Insert>> in;
  private final List<Thing> pile;

  /**
   * @param in what was put in, gap by gap, as it is now
   * @param pile what lies on the garment, the uppermost first, as it is now
   */
  BetweenThePlatens(
      Garment garment, GarmentPattern pattern, Map<Gap, List<Act.Insert>> in, List<Thing> pile) {
    this.garment = garment;
    this.pattern = pattern;
    this.in = in;
    this.pile = pile;
  }

  /** At a place of the face that is worked on. */
  List<String> at(double x, double y, String lies, GarmentFace up, CoverSheet cover) {
    List<String> there = new ArrayList<>();
    there.add("platen");
    if (cover != CoverSheet.NONE) {
      there.add(cover + "");
    }
    boolean two = garment.kind().layers() == 2;
    if (lies.equals("inside out")) {
      there.addAll(heap(up, true, x, y));
      there.add("cloth");
      if (hasPocket(up, x, y)) {
        there.addAll(in(Gap.POCKET));
        there.add("cloth");
      }
      there.addAll(upsideDown(up, false, x, y));
    } else {
      there.addAll(heap(up, false, x, y));
      there.add("cloth");
      there.addAll(upsideDown(up, true, x, y));
      if (two) {
        there.addAll(in(Gap.INSIDE));
      }
      double down = pattern.collar(up) - pattern.collar(up.other());
      if (two && lies.equals("flat")) {
        there.addAll(heap(up.other(), true, -x, y + down));
        there.add("cloth");
      }
      if (lies.equals("flat")) {
        there.addAll(upsideDown(up.other(), false, -x, y + down));
      }
    }
    there.addAll(in(Gap.BELOW));
    there.add("pad");
    there.add("base");
    return there;
  }

  private boolean hasPocket(GarmentFace up, double x, double y) {
    return pattern.obstacles(garment.obstacles(), garment.layout()).stream()
        .filter(one -> one.what() == Obstacle.POCKET && one.face() == up)
        .map(PlacedObstacle::area)
        .anyMatch(
            pocket ->
                x >= pocket.x() && x <= pocket.right() && y >= pocket.y() && y <= pocket.bottom());
  }

  /** A sheet lies over what lifts the cloth. */
  private List<String> in(Gap gap) {
    List<Act.Insert> all = in.getOrDefault(gap, List.of());
    List<String> there = new ArrayList<>();
    all.stream().filter(one -> !lifts(one)).forEach(one -> there.add(one.what() + ""));
    all.stream().filter(one -> lifts(one)).forEach(one -> there.add(one.what() + ""));
    return there;
  }

  private static boolean lifts(Act.Insert one) {
    return one.what() == Filling.FOAM_PAD || one.what() == Filling.FORM;
  }

  private List<String> heap(GarmentFace face, boolean inside, double x, double y) {
    List<String> all = new ArrayList<>();
    for (Thing one : pile) {
      if (one.face == face && one.inside == inside && Thing.holds(one.where, x, y)) {
        if (one.shielded) {
          all.add(CoverSheet.PARCHMENT + "");
        }
        one.at(x, y).forEach(layer -> all.add(layer.kind() + ""));
      }
    }
    return all;
  }

  private List<String> upsideDown(GarmentFace face, boolean inside, double x, double y) {
    List<String> all = heap(face, inside, x, y);
    Collections.reverse(all);
    return all;
  }
}
