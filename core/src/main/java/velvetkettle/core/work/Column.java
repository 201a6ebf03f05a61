package velvetkettle.core.work;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.cloth.Area;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.cloth.GarmentFace;
import velvetkettle.core.place.Point;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.Layer;
import velvetkettle.core.press.LayerKind;
import velvetkettle.core.press.Pad;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.Side;
import velvetkettle.core.press.Stack;
import velvetkettle.core.press.Substance;
import velvetkettle.core.quantity.Sentence;

/** What lies between the platens of a closed tool at one place, from the hot one down. */
final class Column {
  private final Bench bench;
  private final Garment garment;

  /** Whose glue line it is; null where bare cloth is pressed. */
  private final @Nullable String subject;

  private final GarmentFace subjectFace;

  /** Whether the others are told as what they are; else they count as patches. */
  private final boolean told;

  private final Point onWorked;
  private final Point onOther;
  private final List<Layer> layers = new ArrayList<>();
  private @Nullable Integer glueLine;

  private Column(
      Bench bench,
      @Nullable String subject,
      GarmentFace subjectFace,
      boolean told,
      Point onWorked) {
    this.bench = bench;
    garment = bench.piece().garment();
    this.subject = subject;
    this.subjectFace = subjectFace;
    this.told = told;
    this.onWorked = onWorked;
    onOther = bench.piece().behind(bench.pose().face(), onWorked);
  }

  /** In the middle of what is pressed. */
  static Stack pressed(Bench bench, Act.Close closed) {
    Area place =
        bench.lying().stream()
            .filter(one -> one.thing().equals(closed.thing()) && one.face() == bench.pose().face())
            .map(one -> one.where().common(closed.where()))
            .findFirst()
            .orElse(closed.where());
    return new Column(bench, closed.thing(), bench.pose().face(), true, Point.middleOf(place))
        .read();
  }

  static Optional<Stack> of(
      Bench bench, Act.Close closed, String thing, GarmentFace face, Area place) {
    Point there = Point.middleOf(place);
    Point onWorked = face == bench.pose().face() ? there : bench.piece().behind(face, there);
    boolean reaches =
        onWorked.isIn(closed.where())
            && (face == bench.pose().face() || bench.pose().way() == Pose.Way.FLAT);
    return reaches
        ? Optional.of(new Column(bench, thing, face, false, onWorked).read())
        : Optional.empty();
  }

  private Stack read() {
    Press press = bench.tool().press();
    layers.add(
        new Layer(
            LayerKind.HEATED_PLATEN, Sentence.of("layer.platen", press.name()), null, null, null));
    CoverSheet cover = bench.cover();
    if (cover != CoverSheet.NONE) {
      layers.add(
          new Layer(
              LayerKind.COVER,
              Sentence.of("layer.cover", cover),
              cover.thickness(),
              cover.substance(),
              null));
    }
    if (bench.pose().way() == Pose.Way.INSIDE_OUT) {
      insideOut();
    } else {
      flat();
    }
    bench.in(Gap.BELOW).forEach(filling -> layers.add(filling.in(Gap.BELOW)));
    padAndPlaten(press);
    // What lies inside is met first where the garment is inside out.
    boolean turned = bench.pose().way() == Pose.Way.INSIDE_OUT;
    boolean fromFace = turned == isInside() && subjectFace == bench.pose().face();
    return new Stack(fromFace ? Side.FACE : Side.BACK, layers, glueLine);
  }

  private void flat() {
    GarmentFace up = bench.pose().face();
    rightWayUp(up, false, onWorked);
    boolean two = bench.piece().hasInside();
    layers.add(cloth(up == subjectFace, up, two ? "" : "single"));
    upsideDown(up, true, onWorked);
    if (bench.pose().way() == Pose.Way.ONE_LAYER) {
      between(false);
      return;
    }
    if (two) {
      between(up != subjectFace);
      rightWayUp(up.other(), true, onOther);
      layers.add(cloth(up.other() == subjectFace, up.other(), ""));
    }
    upsideDown(up.other(), false, onOther);
  }

  /** The inside of the cloth that is worked on, what its face carries upside down below it. */
  private void insideOut() {
    GarmentFace face = bench.pose().face();
    rightWayUp(face, true, onWorked);
    boolean pocket = bench.piece().hasPocket(face, onWorked);
    boolean carries = !pocket || isInside();
    layers.add(cloth(carries, face, "inside"));
    if (pocket) {
      bench.in(Gap.POCKET).forEach(filling -> layers.add(filling.in(Gap.POCKET)));
      layers.add(cloth(!isInside(), face, "pocket"));
    }
    upsideDown(face, false, onWorked);
  }

  private boolean isInside() {
    return bench.lying().stream().anyMatch(one -> one.thing().equals(subject) && one.inside());
  }

  /** What lies on one side of the cloth of a face, the cloth below it. */
  private void rightWayUp(GarmentFace face, boolean inside, Point at) {
    for (LaidPiece piece : bench.lying()) {
      if (piece.face() == face && piece.inside() == inside && at.isIn(piece.where())) {
        layers.addAll(shown(piece, piece.at(at)));
        if (piece.thing().equals(subject)) {
          glueLine = layers.size() - 1;
        }
      }
    }
  }

  /** What lies on one side of the cloth of a face, the cloth above it. */
  private void upsideDown(GarmentFace face, boolean inside, Point at) {
    for (LaidPiece piece : reversed(bench.lying())) {
      if (piece.face() == face && piece.inside() == inside && at.isIn(piece.where())) {
        if (piece.thing().equals(subject)) {
          glueLine = layers.size() - 1;
        }
        layers.addAll(reversed(shown(piece, piece.at(at))));
      }
    }
  }

  private List<Layer> shown(LaidPiece piece, List<Layer> there) {
    return told || piece.thing().equals(subject)
        ? there
        : there.stream()
            // Ink has gone into the cloth.
            .filter(one -> one.kind() != LayerKind.INK)
            .map(
                one ->
                    new Layer(LayerKind.PATCH, one.name(), one.thickness(), one.substance(), null))
            .toList();
  }

  private void between(boolean upsideDown) {
    List<Filling> inside = bench.in(Gap.INSIDE);
    (upsideDown ? reversed(inside) : inside).forEach(filling -> layers.add(filling.in(Gap.INSIDE)));
  }

  private static <T> List<T> reversed(List<T> list) {
    List<T> turned = new ArrayList<>(list);
    Collections.reverse(turned);
    return turned;
  }

  /**
   * @param carries whether it is the cloth that the thing lies on
   */
  private Layer cloth(boolean carries, GarmentFace face, String how) {
    String front = face == GarmentFace.FRONT ? "front" : "back";
    String key =
        switch (how) {
          case "single" -> "layer.single";
          case "pocket" -> "layer.pocket-cloth";
          case "inside" -> "layer.inside-" + front;
          default -> "layer." + front;
        };
    return new Layer(
        carries ? LayerKind.FRONT : LayerKind.BACK,
        Sentence.of(key, garment.colour().name(), garment.fabric()),
        garment.thickness(),
        Substance.GARMENT_CLOTH,
        null);
  }

  private void padAndPlaten(Press press) {
    Pad pad = bench.tool().pad();
    layers.add(
        new Layer(
            LayerKind.PAD, Sentence.of("layer.pad", pad), pad.thickness(), pad.substance(), null));
    boolean byHand = press.kind().pressedByHand();
    layers.add(
        new Layer(
            LayerKind.LOWER_PLATEN,
            Sentence.of(byHand ? "layer.table" : "layer.lower-platen"),
            null,
            byHand ? Substance.TABLE_BOARD : Substance.ALUMINIUM,
            null));
  }
}
