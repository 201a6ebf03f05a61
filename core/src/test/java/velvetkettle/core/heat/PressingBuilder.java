package velvetkettle.core.heat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.art.ArtKind;
import velvetkettle.core.art.ArtSize;
import velvetkettle.core.art.Artwork;
import velvetkettle.core.art.Placement;
import velvetkettle.core.art.Surface;
import velvetkettle.core.art.Tones;
import velvetkettle.core.cloth.Blend;
import velvetkettle.core.cloth.ClothSpec;
import velvetkettle.core.cloth.Colour;
import velvetkettle.core.cloth.Depth;
import velvetkettle.core.cloth.DyeKind;
import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.cloth.Finish;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.cloth.GarmentKind;
import velvetkettle.core.cloth.Hue;
import velvetkettle.core.cloth.IronMark;
import velvetkettle.core.cloth.Size;
import velvetkettle.core.heat.phase.Allowed;
import velvetkettle.core.heat.phase.Pressing;
import velvetkettle.core.heat.phase.WorkPhase;
import velvetkettle.core.heat.phase.Workplace;
import velvetkettle.core.media.MediaCatalogue;
import velvetkettle.core.media.Medium;
import velvetkettle.core.press.Calibration;
import velvetkettle.core.press.Closing;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.Layer;
import velvetkettle.core.press.LayerKind;
import velvetkettle.core.press.PlatenContact;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.PressKind;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.press.Side;
import velvetkettle.core.press.Stack;
import velvetkettle.core.press.Substance;
import velvetkettle.core.press.Workroom;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;

/**
 * A pressing on one layer of cloth, put together for a test; white film on a cotton tee at first.
 */
public final class PressingBuilder {
  private static final Sentence UNNAMED = Sentence.of("story.opened");

  private Blend blend = Blend.of(Fibre.COTTON);
  private Fabric fabric = Fabric.JERSEY;
  private Depth depth = Depth.DARK;
  private DyeKind dye = DyeKind.REACTIVE;
  private Finish finish = Finish.NONE;
  private IronMark iron = IronMark.UNKNOWN;
  private Depth lightest = Depth.WHITE;
  private Medium medium = MediaCatalogue.TRADE.get("film-smooth");
  private PressKind kind = PressKind.PLATE_DRAW;
  private Calibration calibration = Calibration.NONE;
  private double platen = 155;
  private double seconds = 12;
  private Pressure pressure = Pressure.MEDIUM;
  private double preDrying = 5;
  private boolean bySheet;
  private double fromBack;
  private double sprayed;
  private Workroom room = Workroom.USUAL;
  private @Nullable Closing closing;
  private UnaryOperator<PlatenContact> lying = UnaryOperator.identity();

  public static PressingBuilder film() {
    return new PressingBuilder();
  }

  /** The medium at the middle of its own window, as firm as it asks for. */
  public static PressingBuilder of(String key) {
    PressingBuilder builder = new PressingBuilder();
    builder.medium = MediaCatalogue.TRADE.get(key);
    builder.pressure = builder.medium.window().pressure();
    return builder.at(
        builder.medium.window().usualTemperature().degrees(),
        builder.medium.window().usualTime().count());
  }

  /** On dark polyester that was dyed with disperse dye: what bleeds. */
  static PressingBuilder onPolyester(String key) {
    return of(key).on(Fabric.INTERLOCK, Fibre.POLYESTER).dyed(DyeKind.DISPERSE, Depth.DARK);
  }

  public PressingBuilder at(double celsius, double time) {
    platen = celsius;
    seconds = time;
    return this;
  }

  public PressingBuilder on(Fabric cloth, Fibre fibre) {
    return on(cloth, Blend.of(fibre));
  }

  public PressingBuilder on(Fabric cloth, Blend mix) {
    fabric = cloth;
    blend = mix;
    return this;
  }

  PressingBuilder dyed(DyeKind how, Depth deep) {
    dye = how;
    depth = deep;
    return this;
  }

  PressingBuilder finished(Finish with) {
    finish = with;
    return this;
  }

  PressingBuilder labelled(IronMark mark) {
    iron = mark;
    return this;
  }

  PressingBuilder art(Depth lightestColour) {
    lightest = lightestColour;
    return this;
  }

  public PressingBuilder with(PressKind press, Calibration measured) {
    kind = press;
    calibration = measured;
    if (press.pressedByHand()) {
      pressure = Pressure.HAND;
    }
    return this;
  }

  PressingBuilder dried(double time) {
    preDrying = time;
    return this;
  }

  PressingBuilder bySheet() {
    bySheet = true;
    return this;
  }

  /** Once more from the back, its carrier off. */
  public PressingBuilder thenFromBack(double time) {
    fromBack = time;
    return this;
  }

  PressingBuilder pressed(Pressure otherwise) {
    pressure = otherwise;
    return this;
  }

  PressingBuilder closedBy(double newtons) {
    closing = new Closing(newtons, 9);
    return this;
  }

  PressingBuilder in(double celsius, double humidity) {
    room = new Workroom(Celsius.of(celsius), humidity);
    return this;
  }

  /** Water on the bare cloth, as a coat of primer or a mist brings it. */
  PressingBuilder sprayed(double gramsPerSquareMetre) {
    sprayed = gramsPerSquareMetre;
    return this;
  }

  /** Other than in the middle of the platen. */
  PressingBuilder lying(UnaryOperator<PlatenContact> elsewhere) {
    lying = elsewhere;
    return this;
  }

  Judgement judge() {
    return new HeatMargins().judge(build());
  }

  Spread spread() {
    return HeatMargins.spread(build());
  }

  /** The press that the pressing is about. */
  public static WorkPhase.Closed main(Pressing pressing) {
    return pressing.phases().stream()
        .filter(WorkPhase.Closed.class::isInstance)
        .map(WorkPhase.Closed.class::cast)
        .filter(closed -> closed.role() == WorkPhase.Role.MAIN)
        .findFirst()
        .orElseThrow();
  }

  /** What a tool of that kind usually has, mm. */
  private double width() {
    if (!kind.pressedByHand()) {
      return 400;
    }
    return kind == PressKind.HAND_MINI ? 75 : kind.iron() ? 140 : 240;
  }

  public Pressing build() {
    Garment garment =
        new Garment(
            "top",
            GarmentKind.PANEL,
            Size.ADULT,
            new ClothSpec(blend, fabric, new Colour("some", depth, Hue.BLUE), dye, finish, iron),
            Set.of());
    Artwork art =
        new Artwork(
            "art",
            ArtKind.LOGO,
            new ArtSize(Millimetres.of(100), Millimetres.of(100)),
            new Tones(1, lightest),
            Placement.CHEST,
            Surface.ANY);
    Press press =
        new Press(
            "press",
            "press",
            kind,
            Millimetres.of(width()),
            Millimetres.of(width()),
            calibration,
            closing,
            false,
            Set.of());
    List<WorkPhase> phases =
        new ArrayList<>(
            List.of(
                closed(bare(), preDrying, false).on(sprayed),
                new WorkPhase.Open(UNNAMED, false, false, Seconds.of(8)),
                closed(stack(), seconds, true),
                new WorkPhase.Open(UNNAMED, true, false, Seconds.of(30))));
    if (fromBack > 0) {
      phases.add(
          new WorkPhase.Closed(
              UNNAMED,
              new Stack(Side.BACK, turned(), null),
              Celsius.of(platen),
              pressure,
              Seconds.of(fromBack),
              WorkPhase.Role.ALSO));
    }
    return new Pressing(
        new Workplace(garment, press, room, lying.apply(PlatenContact.middleOf(press)), false),
        art,
        medium,
        new Allowed(medium.window().temperature(), medium.window().time(), bySheet),
        Celsius.of(platen),
        Seconds.of(seconds),
        pressure,
        phases);
  }

  private WorkPhase.Closed closed(List<Layer> layers, double time, boolean bonds) {
    Side side = bonds ? medium.atPress().side() : Side.FACE;
    return new WorkPhase.Closed(
        UNNAMED,
        new Stack(side, layers, null),
        Celsius.of(platen),
        pressure,
        Seconds.of(time),
        bonds ? WorkPhase.Role.MAIN : WorkPhase.Role.NONE);
  }

  private List<Layer> bare() {
    return new ArrayList<>(
        List.of(
            platen(),
            Layer.of(LayerKind.FRONT, UNNAMED, 1, Substance.GARMENT_CLOTH),
            pad(),
            base()));
  }

  /** From the face the medium on the cloth, from the back the cloth on the medium. */
  private List<Layer> stack() {
    List<Layer> layers = bare();
    List<Layer> own = new ArrayList<>(medium.construction().layers());
    if (medium.pressedFromBack()) {
      Collections.reverse(own);
      layers.addAll(2, own);
    } else {
      layers.addAll(1, own);
    }
    CoverSheet sheet = medium.atPress().cover().usual();
    Substance cover = sheet.substance();
    if (cover != null) {
      layers.add(1, Layer.of(LayerKind.COVER, UNNAMED, sheet.thickness().count(), cover));
    }
    return layers;
  }

  private List<Layer> turned() {
    List<Layer> layers = bare();
    List<Layer> own = new ArrayList<>(medium.construction().withoutCarrier());
    Collections.reverse(own);
    layers.addAll(2, own);
    layers.add(1, Layer.of(LayerKind.COVER, UNNAMED, 0.06, Substance.PARCHMENT));
    return layers;
  }

  private Layer platen() {
    return new Layer(LayerKind.HEATED_PLATEN, UNNAMED, null, null, null);
  }

  private Layer pad() {
    return Layer.of(
        LayerKind.PAD, UNNAMED, kind.usualPad().thickness().count(), kind.usualPad().substance());
  }

  private Layer base() {
    Substance base = kind.pressedByHand() ? Substance.TABLE_BOARD : Substance.ALUMINIUM;
    return new Layer(LayerKind.LOWER_PLATEN, UNNAMED, null, base, null);
  }
}
