package velvetkettle.core.plan.recipe;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.cloth.FibreShare;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.cloth.Obstacle;
import velvetkettle.core.heat.dose.Shine;
import velvetkettle.core.media.Medium;
import velvetkettle.core.plan.job.Ground;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.Layer;
import velvetkettle.core.press.LayerKind;
import velvetkettle.core.press.Pad;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.Side;
import velvetkettle.core.press.Stack;
import velvetkettle.core.press.StoneSize;
import velvetkettle.core.press.Substance;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Sentence;

/** Lays up what lies between the platens for each closing of the press. */
public final class StackBuilder {
  private final @Nullable StoneSize stones;
  private final Garment garment;
  private final Press press;
  private final boolean raised;
  private final List<Layer> layers = new ArrayList<>();

  private StackBuilder(Ground ground) {
    garment = ground.garment();
    press = ground.press();
    raised = ground.raised();
    stones = ground.stones();
    layers.add(
        new Layer(
            LayerKind.HEATED_PLATEN, Sentence.of("layer.platen", press.name()), null, null, null));
  }

  /**
   * The bare cloth, to be flattened and dried; under parchment where a bare platen would make it
   * shine.
   */
  public static Stack prePress(Ground ground, Celsius platen) {
    return bare(ground, shines(ground.garment(), platen) ? CoverSheet.PARCHMENT : CoverSheet.NONE);
  }

  /** The bare cloth under a sheet. */
  public static Stack bare(Ground ground, CoverSheet cover) {
    StackBuilder builder = new StackBuilder(ground);
    builder.cover(cover);
    builder.front();
    builder.under(false);
    return new Stack(Side.FACE, builder.layers, null);
  }

  /** From the face: cover, medium with its glue line towards the cloth, front, sheet, back, pad. */
  public static Stack fromFace(Ground ground, Medium medium, CoverSheet cover) {
    return fromFace(ground, medium.construction().layers(), cover, medium.construction().gasInk());
  }

  /** The second press: the carrier is off, so what carried the art is left out. */
  public static Stack secondPress(Ground ground, Medium medium, CoverSheet cover) {
    return fromFace(ground, medium.construction().withoutCarrier(), cover, false);
  }

  /** A web alone on the garment, under its own paper. */
  public static Stack webAlone(Ground ground, Medium medium) {
    Layer web = medium.construction().lowest();
    Layer paper =
        Layer.of(LayerKind.PAPER, Sentence.of("layer.web-paper"), 0.1, Substance.TRANSFER_PAPER);
    return fromFace(ground, List.of(paper, web), CoverSheet.NONE, false);
  }

  private static Stack fromFace(
      Ground ground, List<Layer> medium, CoverSheet cover, boolean inkGas) {
    StackBuilder builder = new StackBuilder(ground);
    builder.cover(cover);
    medium.stream().map(builder::sized).forEach(builder.layers::add);
    int glueLine = builder.layers.size() - 1;
    builder.front();
    builder.under(inkGas);
    return new Stack(Side.FACE, builder.layers, glueLine);
  }

  /**
   * From the back: the garment turned, its inside towards the heat, the medium upside down below;
   * its carrier is off by then.
   */
  public static Stack fromBack(Ground ground, Medium medium, CoverSheet cover) {
    StackBuilder builder = new StackBuilder(ground);
    builder.cover(cover);
    if (ground.garment().obstacles().contains(Obstacle.POCKET)) {
      builder.cloth(LayerKind.BACK, "layer.inside-front");
      builder.sheet("layer.sheet-in-pocket");
      builder.cloth(LayerKind.FRONT, "layer.pocket-cloth");
    } else {
      builder.cloth(LayerKind.FRONT, "layer.inside-front");
    }
    return builder.faceDown(medium);
  }

  /** Something that lies there already, face down below all layers of the garment. */
  public static Stack throughCloth(Ground ground, Medium medium, CoverSheet cover) {
    StackBuilder builder = new StackBuilder(ground);
    builder.cover(cover);
    if (ground.garment().kind().layers() == 2) {
      builder.cloth(LayerKind.BACK, "layer.back");
      builder.sheet("layer.sheet-between");
    }
    builder.cloth(LayerKind.FRONT, "layer.inside-front");
    return builder.faceDown(medium);
  }

  private Stack faceDown(Medium medium) {
    int glueLine = layers.size() - 1;
    List<Layer> own = medium.construction().withoutCarrier();
    for (int i = own.size() - 1; i >= 0; i--) {
      layers.add(sized(own.get(i)));
    }
    padAndPlaten();
    return new Stack(Side.BACK, layers, glueLine);
  }

  /** Stones are as high as their size. */
  private Layer sized(Layer layer) {
    return stones == null || layer.substance() != Substance.STONE
        ? layer
        : Layer.of(layer.kind(), layer.name(), stones.height().count(), Substance.STONE);
  }

  /** Whether a bare platen of this temperature leaves a shine on the cloth. */
  public static boolean shines(Garment garment, Celsius platen) {
    return garment.blend().shares().stream()
        .filter(FibreShare::counts)
        .flatMap(share -> Shine.onset(share.fibre()).stream())
        .anyMatch(onset -> onset.compareTo(platen) <= 0);
  }

  private void front() {
    cloth(LayerKind.FRONT, garment.kind().layers() == 1 ? "layer.single" : "layer.front");
  }

  private void under(boolean inkGas) {
    if (garment.kind().layers() == 2) {
      if (inkGas) {
        layers.add(
            Layer.of(
                LayerKind.SEPARATOR,
                Sentence.of("layer.kraft-between"),
                CoverSheet.KRAFT.thickness().count(),
                Substance.KRAFT));
      } else {
        sheet("layer.sheet-between");
      }
      if (raised) {
        insert();
      }
      cloth(LayerKind.BACK, "layer.back");
    }
    if (inkGas) {
      layers.add(
          Layer.of(
              LayerKind.SEPARATOR,
              Sentence.of("layer.kraft-below"),
              CoverSheet.KRAFT.thickness().count(),
              Substance.KRAFT));
    }
    padAndPlaten();
  }

  private void cover(CoverSheet cover) {
    if (cover != CoverSheet.NONE) {
      layers.add(
          new Layer(
              LayerKind.COVER,
              Sentence.of("layer.cover", cover),
              cover.thickness(),
              cover.substance(),
              null));
    }
  }

  private void sheet(String key) {
    layers.add(
        Layer.of(
            LayerKind.SEPARATOR,
            Sentence.of(key),
            CoverSheet.PARCHMENT.thickness().count(),
            Substance.PARCHMENT));
  }

  private void cloth(LayerKind kind, String key) {
    layers.add(
        new Layer(
            kind,
            Sentence.of(key, garment.colour().name(), garment.fabric()),
            garment.thickness(),
            Substance.GARMENT_CLOTH,
            null));
  }

  private void insert() {
    layers.add(
        new Layer(
            LayerKind.PAD,
            Sentence.of("layer.insert", Pad.FOAM_PAD),
            Pad.FOAM_PAD.thickness(),
            Pad.FOAM_PAD.substance(),
            null));
  }

  private void padAndPlaten() {
    layers.add(
        new Layer(
            LayerKind.PAD,
            Sentence.of("layer.pad", press.kind().usualPad()),
            press.kind().usualPad().thickness(),
            press.kind().usualPad().substance(),
            null));
    layers.add(
        new Layer(
            LayerKind.LOWER_PLATEN,
            Sentence.of(press.kind().pressedByHand() ? "layer.table" : "layer.lower-platen"),
            null,
            press.kind().pressedByHand() ? Substance.TABLE_BOARD : Substance.ALUMINIUM,
            null));
  }
}
