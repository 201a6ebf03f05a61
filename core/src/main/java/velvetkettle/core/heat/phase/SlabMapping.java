package velvetkettle.core.heat.phase;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import velvetkettle.core.heat.conduction.LaidSlab;
import velvetkettle.core.heat.conduction.Slab;
import velvetkettle.core.press.Layer;
import velvetkettle.core.press.LayerKind;
import velvetkettle.core.press.Side;

/**
 * The layers of a Stack as slabs with names, and the way back from a slab to its layer. A layer's
 * name is its kind and the how many-th of that kind it is, so that it is known again in the next
 * Stack; a cover is a fresh one each time.
 */
public final class SlabMapping {
  public static final String GLUE = LayerKind.GLUE + " 1";

  /** The cloth that art lies on. */
  static final String FACE = LayerKind.FRONT + " 1";

  /** What comes as one piece and is glued or cast onto itself. */
  private static final Set<LayerKind> MEDIUM =
      EnumSet.of(
          LayerKind.CARRIER,
          LayerKind.PAPER,
          LayerKind.FILM,
          LayerKind.BLOCKER,
          LayerKind.STONE,
          LayerKind.GLUE,
          LayerKind.PATCH);

  private static final Set<LayerKind> CLOTH = EnumSet.of(LayerKind.FRONT, LayerKind.BACK);

  /** A layer with the range of slabs that it is made of; empty for ink and platens. */
  public record Band(Layer layer, int first, int end) {}

  private final Side side;
  private final List<LaidSlab> lying = new ArrayList<>();
  private final List<Band> bands = new ArrayList<>();
  private final int[] cloth;
  private final int[] marked;
  private final int bondBelow;

  /**
   * @param piece whether the fibres of what is put on are known, and judged like the garment's
   */
  SlabMapping(
      Side side, List<Layer> layers, Slabs slabs, Warming warming, int phase, boolean piece) {
    this.side = side;
    Map<String, Integer> counts = new HashMap<>();
    for (int i = 0; i < layers.size(); i++) {
      Layer layer = layers.get(i);
      int first = lying.size();
      if (layer.kind() != LayerKind.HEATED_PLATEN) {
        String what = kindOf(layer);
        int number = counts.merge(what, 1, Integer::sum);
        boolean again = layer.kind() != LayerKind.COVER;
        String name = what + " " + number + (again ? "" : " of phase " + phase);
        boolean onto =
            i < layers.size() - 1
                && MEDIUM.contains(layer.kind())
                && MEDIUM.contains(layers.get(i + 1).kind());
        lay(name, layer.kind(), slabs.of(layer), onto, warming.starts(layer.kind()));
      }
      bands.add(new Band(layer, first, lying.size()));
    }
    cloth = slabsOf(bands.stream().filter(b -> CLOTH.contains(b.layer().kind())).toList());
    marked =
        piece
            ? slabsOf(
                bands.stream()
                    .filter(
                        b ->
                            CLOTH.contains(b.layer().kind()) || b.layer().kind() == LayerKind.PATCH)
                    .toList())
            : cloth;
    bondBelow = findBondBelow();
  }

  /** Patches may be what other things are made of: each is known by what it is, too. */
  private static String kindOf(Layer layer) {
    return layer.kind() == LayerKind.PATCH
        ? layer.kind() + " of " + layer.substance() + " " + layer.thickness()
        : layer.kind().toString();
  }

  private void lay(String name, LayerKind kind, List<Slab> slabs, boolean onto, double starts) {
    boolean turned =
        side == Side.BACK
            && kind != LayerKind.COVER
            && kind != LayerKind.PAD
            && kind != LayerKind.LOWER_PLATEN;
    List<Slab> inOrder = turned ? Slabs.turned(slabs) : slabs;
    for (int s = 0; s < inOrder.size(); s++) {
      int fromOutside = turned ? inOrder.size() - 1 - s : s;
      lying.add(
          new LaidSlab(
              fromOutside == 0 ? name : name + " inner " + fromOutside,
              inOrder.get(s),
              onto,
              turned,
              starts));
    }
  }

  public List<LaidSlab> lying() {
    return lying;
  }

  public List<Band> bands() {
    return bands;
  }

  public Side side() {
    return side;
  }

  /**
   * The slab whose lower face is the glue line, or the face of the print where ink goes over as
   * gas; -1 where nothing is being bonded.
   */
  public int bondBelow() {
    return bondBelow;
  }

  private int findBondBelow() {
    for (int i = 0; i < lying.size(); i++) {
      if (lying.get(i).name().equals(GLUE)) {
        return lying.get(i).turned() ? i - 1 : i;
      }
    }
    return bands.stream()
        .filter(band -> band.layer().kind() == LayerKind.PAPER)
        .mapToInt(band -> band.end() - 1)
        .findFirst()
        .orElse(-1);
  }

  /** The slabs of the garment's own cloth. */
  public int[] cloth() {
    return cloth;
  }

  /** The slabs that heat may mark: the garment's own cloth, and a piece whose fibres are known. */
  public int[] marked() {
    return marked;
  }

  /** Cloth that steam can come from: the layers on this side of the first sheet between them. */
  public int[] clothThatSteams() {
    List<Band> reached = new ArrayList<>();
    for (Band band : bands) {
      if (band.layer().kind() == LayerKind.SEPARATOR && !reached.isEmpty()) {
        break;
      }
      if (CLOTH.contains(band.layer().kind())) {
        reached.add(band);
      }
    }
    return slabsOf(reached);
  }

  private static int[] slabsOf(List<Band> bands) {
    return bands.stream().flatMapToInt(b -> IntStream.range(b.first(), b.end())).toArray();
  }
}
