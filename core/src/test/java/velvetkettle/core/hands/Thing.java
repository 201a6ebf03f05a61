package velvetkettle.core.hands;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import velvetkettle.core.art.Artwork;
import velvetkettle.core.cloth.Area;
import velvetkettle.core.cloth.GarmentFace;
import velvetkettle.core.media.Medium;
import velvetkettle.core.press.Layer;
import velvetkettle.core.press.LayerKind;

/** What a maker holds in the hand, and where it has got to. */
final class Thing {
  private static final Set<LayerKind> CARRIERS = Set.of(LayerKind.CARRIER, LayerKind.PAPER);

  final String id;
  final Medium medium;
  final Artwork art;

  /** From the outside towards the cloth; empty while it is in the hand. */
  final List<Layer> layers = new ArrayList<>();

  GarmentFace face = GarmentFace.FRONT;
  Area where = new Area(0, 0, 0, 0);
  boolean laid;

  /** Whether it lies in the garment, on the wrong side of that face. */
  boolean inside;

  boolean shielded;

  /** How many of its colours lie there. */
  int colours;

  /** Where a carrier is still on it. */
  List<Area> carried = List.of();

  /** Where the tool came down on it, and when it opened, s. */
  final List<Area> pressed = new ArrayList<>();

  /** When each of those opened, s; none of what has been peeled since. */
  final List<Opening> openings = new ArrayList<>();

  record Opening(Area where, double at) {}

  Thing(String id, Medium medium, Artwork art) {
    this.id = id;
    this.medium = medium;
    this.art = art;
  }

  boolean isCarriedAt(double x, double y) {
    return carried.stream().anyMatch(area -> holds(area, x, y));
  }

  static boolean holds(Area area, double x, double y) {
    return area.x() <= x && x <= area.right() && area.y() <= y && y <= area.bottom();
  }

  static boolean carries(Layer layer) {
    return CARRIERS.contains(layer.kind());
  }

  /** What of it lies at a place. */
  List<Layer> at(double x, double y) {
    return layers.stream().filter(layer -> isCarriedAt(x, y) || !carries(layer)).toList();
  }
}
