package velvetkettle.core.work;

import java.util.ArrayList;
import java.util.List;
import velvetkettle.core.cloth.Area;
import velvetkettle.core.cloth.GarmentFace;
import velvetkettle.core.place.Point;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.Layer;
import velvetkettle.core.press.LayerKind;
import velvetkettle.core.quantity.Sentence;

/**
 * Something that lies on the cloth.
 *
 * @param thing whose it is
 * @param face of the garment that it lies on
 * @param where it lies there, mm
 * @param layers from the outside towards the cloth, at least one
 * @param shield the sheet that was laid over it alone
 * @param inside whether it lies on the wrong side of that face
 * @param carried where its carrier, or its paper, is still on it; empty where it has none
 */
public record LaidPiece(
    String thing,
    GarmentFace face,
    Area where,
    List<Layer> layers,
    boolean inside,
    CoverSheet shield,
    List<Area> carried) {
  public LaidPiece {
    layers = List.copyOf(layers);
    carried = List.copyOf(carried);
    if (layers.isEmpty()) {
      throw new IllegalArgumentException("nothing of " + thing + " lies there");
    }
  }

  static LaidPiece of(Act.LayOn act) {
    boolean carrier = act.layers().stream().anyMatch(LaidPiece::carries);
    return new LaidPiece(
        act.thing(),
        act.face(),
        act.where(),
        act.layers(),
        act.inside(),
        CoverSheet.NONE,
        carrier ? List.of(act.where()) : List.of());
  }

  /** Whether its carrier, or its paper, is still on any of it. */
  public boolean isCarried() {
    return !carried.isEmpty();
  }

  /** Whether nothing is left of it without its carrier. */
  boolean isCarrierOnly() {
    return layers.stream().allMatch(LaidPiece::carries);
  }

  LaidPiece carriedAt(List<Area> left) {
    return new LaidPiece(thing, face, where, layers, inside, shield, left);
  }

  LaidPiece under(CoverSheet sheet) {
    return new LaidPiece(thing, face, where, layers, inside, sheet, carried);
  }

  /** What of it lies at a place, from the outside towards the cloth. */
  List<Layer> at(Point point) {
    boolean bare = carried.stream().noneMatch(point::isIn);
    List<Layer> there = new ArrayList<>();
    if (shield != CoverSheet.NONE) {
      there.add(
          new Layer(
              LayerKind.COVER,
              Sentence.of("layer.cover", shield),
              shield.thickness(),
              shield.substance(),
              null));
    }
    layers.stream().filter(layer -> !bare || !carries(layer)).forEach(there::add);
    return there;
  }

  private static boolean carries(Layer layer) {
    return layer.kind() == LayerKind.CARRIER || layer.kind() == LayerKind.PAPER;
  }
}
