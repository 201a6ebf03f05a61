package velvetkettle.core.media;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.art.ArtKind;
import velvetkettle.core.art.Surface;
import velvetkettle.core.cloth.EndUse;
import velvetkettle.core.media.trait.Appearance;
import velvetkettle.core.media.trait.AtPress;
import velvetkettle.core.media.trait.Construction;
import velvetkettle.core.media.trait.CoverChoice;
import velvetkettle.core.media.trait.CutFace;
import velvetkettle.core.media.trait.Doing;
import velvetkettle.core.media.trait.Endurance;
import velvetkettle.core.media.trait.ExtraPress;
import velvetkettle.core.media.trait.Feel;
import velvetkettle.core.media.trait.Glue;
import velvetkettle.core.media.trait.Handling;
import velvetkettle.core.media.trait.Handwork;
import velvetkettle.core.media.trait.Layering;
import velvetkettle.core.media.trait.Lies;
import velvetkettle.core.media.trait.Occasion;
import velvetkettle.core.media.trait.Opacity;
import velvetkettle.core.media.trait.Orientation;
import velvetkettle.core.media.trait.Palette;
import velvetkettle.core.media.trait.Peel;
import velvetkettle.core.media.trait.Preparation;
import velvetkettle.core.media.trait.PressedAgain;
import velvetkettle.core.media.trait.SteamUse;
import velvetkettle.core.media.trait.Stitch;
import velvetkettle.core.media.trait.Window;
import velvetkettle.core.media.trait.Wording;
import velvetkettle.core.press.Layer;
import velvetkettle.core.press.LayerKind;
import velvetkettle.core.press.PressKind;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.press.Side;
import velvetkettle.core.press.Substance;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;

/**
 * Writes a medium down as the handbook's table has it, one trait a word. Where most media agree the
 * trait stands here; a family and then a medium says only what it does otherwise.
 */
public final class MediumBuilder {
  private final String key;
  private final Family family;
  private final List<Layer> layers = new ArrayList<>();
  private final List<Preparation> preparation = new ArrayList<>();
  private @Nullable Window window;
  private Set<ArtKind> carries = Set.of();
  private Set<Surface> gives = Surface.PLAIN;
  private boolean glosses = true;
  private Palette palette = Palette.MANY;
  private Opacity opacity = Opacity.COVERS;
  private double thinnestStroke;
  private Glue glue = Glue.EVERYDAY;
  private boolean bondsToShell;
  private double leastPolyester;
  private boolean blocksDye;
  private boolean metalLayer;
  private boolean thin;
  private boolean nap;
  private boolean smallParts;
  private boolean metal;
  private Lies lies = Lies.ON_THE_FACE;
  private Orientation orientation = Orientation.AS_SEEN;
  private CutFace cutFace = CutFace.ALREADY_MADE;
  private Handwork work = new Handwork(Seconds.of(0), Seconds.of(0), Handwork.Pace.BY_PIECE);
  private int worthFrom = 1;
  private boolean sprayed;
  private Stitch stitch = Stitch.NOT_NEEDED;
  private Side side = Side.FACE;
  private CoverChoice cover = CoverChoice.NONE;
  private Set<PressKind> tools = EnumSet.complementOf(EnumSet.of(PressKind.WAND));
  private List<ExtraPress> before = List.of();
  private List<ExtraPress> after = List.of();
  private SteamUse steam = SteamUse.NEVER;
  private @Nullable Seconds longest;
  private boolean stencil;
  private double leastDrying = 3;
  private boolean onCoolCloth;
  private PressedAgain again = new PressedAgain(Layering.BOTH, false, false, false);
  private final Set<EndUse> bears = EnumSet.copyOf(Endurance.USUAL.bears());
  private final Set<EndUse> refuses = EnumSet.noneOf(EndUse.class);
  private Feel feel = new Feel(3, 3, 4, false);
  private Wording wording =
      new Wording(
          "do.place.film",
          "do.press",
          null,
          "do.second-press",
          "tool.iron-lifted",
          Sentence.of("test.look.film"),
          Sentence.of("glue-side.film"));

  private MediumBuilder(String key, Family family) {
    this.key = key;
    this.family = family;
  }

  public static MediumBuilder of(String key, Family family) {
    return new MediumBuilder(key, family);
  }

  /** From and to in °C, then from and to in s, on a plate press; usually in the middle of both. */
  public MediumBuilder window(
      double coolest, double hottest, double shortest, double longest, Pressure by, Peel peel) {
    window = Window.of(coolest, hottest, shortest, longest, by, peel);
    return this;
  }

  /** Where to start when nothing speaks against it; in °C and s, within the window. */
  public MediumBuilder usually(double celsius, double seconds) {
    window = requireNonNull(window, key).usually(celsius, seconds);
    return this;
  }

  public MediumBuilder carries(ArtKind first, ArtKind... more) {
    carries = EnumSet.of(first, more);
    return this;
  }

  public MediumBuilder gives(Set<Surface> finishes) {
    gives = finishes;
    return this;
  }

  /** Gloss does not come out on it. */
  public MediumBuilder noGloss() {
    glosses = false;
    return this;
  }

  public MediumBuilder palette(Palette colours) {
    palette = colours;
    return this;
  }

  public MediumBuilder opacity(Opacity howMuchShows) {
    opacity = howMuchShows;
    return this;
  }

  /** That weeds or prints cleanly, mm. */
  public MediumBuilder thinnestStroke(double millimetres) {
    thinnestStroke = millimetres;
    return this;
  }

  /** The next layer towards the cloth; millimetres [engineering estimates]. */
  public MediumBuilder layer(LayerKind kind, String name, double millimetres, Substance of) {
    layers.add(Layer.of(kind, Sentence.of("layer." + name), millimetres, of));
    return this;
  }

  public MediumBuilder glue(Glue holding) {
    glue = holding;
    return this;
  }

  public MediumBuilder bondsToShell() {
    bondsToShell = true;
    return this;
  }

  public MediumBuilder leastPolyester(double percent) {
    leastPolyester = percent;
    return this;
  }

  public MediumBuilder lies(Lies where) {
    lies = where;
    return this;
  }

  public MediumBuilder blocksDye() {
    blocksDye = true;
    return this;
  }

  /** A layer of metal in it, which no dye crosses. */
  public MediumBuilder metalLayer() {
    metalLayer = true;
    return this;
  }

  public MediumBuilder thin() {
    thin = true;
    return this;
  }

  public MediumBuilder nap() {
    nap = true;
    return this;
  }

  public MediumBuilder smallParts(boolean canComeOff) {
    smallParts = canComeOff;
    return this;
  }

  public MediumBuilder metal() {
    metal = true;
    return this;
  }

  public MediumBuilder lies(Orientation turned, CutFace face) {
    orientation = turned;
    cutFace = face;
    return this;
  }

  /** One line of what has to be done with it before the press. */
  public MediumBuilder prepare(String line, Doing... does) {
    return prepare(Occasion.ALWAYS, Sentence.of("prepare." + line), does);
  }

  public MediumBuilder prepare(Occasion when, Sentence say, Doing... does) {
    preparation.add(new Preparation(say, List.of(does), null, null, when));
    return this;
  }

  /** Its print or its film goes onto the piece beside the garment, which the line says. */
  public MediumBuilder pressOn(String line, double celsius, double seconds) {
    Seconds time = Seconds.of(seconds);
    Celsius platen = Celsius.of(celsius);
    preparation.add(
        new Preparation(
            Sentence.of("prepare." + line, platen, time),
            List.of(Doing.PRESS_ON),
            time,
            platen,
            Occasion.ALWAYS));
    return this;
  }

  /** Web is fused to it for so many seconds, which the line says. */
  public MediumBuilder fuse(Occasion when, String line, double seconds, Doing... does) {
    Seconds time = Seconds.of(seconds);
    Sentence say = Sentence.of("prepare." + line, time);
    preparation.add(new Preparation(say, List.of(does), time, null, when));
    return this;
  }

  /** Work at the table: once for the order, and for each piece or stone, in s. */
  public MediumBuilder work(double settingUp, double each, Handwork.Pace pace) {
    work = new Handwork(Seconds.of(settingUp), Seconds.of(each), pace);
    return this;
  }

  /** Each piece takes so many seconds, the order as before. */
  public MediumBuilder work(double each) {
    return work(work.settingUp().count(), each, Handwork.Pace.BY_PIECE);
  }

  public MediumBuilder worthFrom(int pieces) {
    worthFrom = pieces;
    return this;
  }

  public MediumBuilder sprayed() {
    sprayed = true;
    return this;
  }

  public MediumBuilder stitch(Stitch needle) {
    stitch = needle;
    return this;
  }

  public MediumBuilder side(Side towardsHeat) {
    side = towardsHeat;
    return this;
  }

  public MediumBuilder cover(CoverChoice sheet) {
    cover = sheet;
    return this;
  }

  public MediumBuilder tools(Set<PressKind> able) {
    tools = able;
    return this;
  }

  public MediumBuilder before(ExtraPress... presses) {
    before = List.of(presses);
    return this;
  }

  public MediumBuilder after(ExtraPress... presses) {
    after = List.of(presses);
    return this;
  }

  /** Brushed into a stencil, which bears a press for so many seconds. */
  public MediumBuilder stencil(double seconds) {
    stencil = true;
    longest = Seconds.of(seconds);
    return this;
  }

  public MediumBuilder steam(SteamUse does) {
    steam = does;
    return this;
  }

  /** Cloth dried so many seconds at least, and cool again before this is laid on it. */
  public MediumBuilder onCoolDryCloth(double seconds) {
    onCoolCloth = true;
    return dried(seconds);
  }

  public MediumBuilder dried(double seconds) {
    leastDrying = seconds;
    return this;
  }

  public MediumBuilder layering(Layering overAndUnder) {
    again = new PressedAgain(overAndUnder, again.tackedBelow(), again.flattens(), again.bonds());
    return this;
  }

  /** Below more of its like it is only tacked. */
  public MediumBuilder tackedBelow() {
    again = new PressedAgain(again.layering(), true, again.flattens(), again.bonds());
    return this;
  }

  public MediumBuilder flattens() {
    again = new PressedAgain(again.layering(), again.tackedBelow(), true, again.bonds());
    return this;
  }

  /** Its second press makes bond too. */
  public MediumBuilder bondsAgain() {
    again = new PressedAgain(again.layering(), again.tackedBelow(), again.flattens(), true);
    return this;
  }

  /** In the hand and in wear, each 1 to 5. */
  public MediumBuilder feel(int hand, int wear) {
    feel = new Feel(hand, wear, feel.skin(), feel.stretches());
    return this;
  }

  public MediumBuilder skin(int points) {
    feel = new Feel(feel.hand(), feel.wear(), points, feel.stretches());
    return this;
  }

  public MediumBuilder stretches() {
    feel = new Feel(feel.hand(), feel.wear(), feel.skin(), true);
    return this;
  }

  /** Made for these ends as well. */
  public MediumBuilder bears(EndUse... ends) {
    bears.addAll(Set.of(ends));
    return this;
  }

  /** These ends take it off or spoil it. */
  public MediumBuilder refuses(EndUse... ends) {
    refuses.addAll(Set.of(ends));
    bears.removeAll(refuses);
    return this;
  }

  /** Tried first even where it lies on skin. */
  public MediumBuilder notForSkin() {
    bears.remove(EndUse.NEXT_TO_SKIN);
    return this;
  }

  public MediumBuilder wording(Wording said) {
    wording = said;
    return this;
  }

  /** Laid on the garment as {@code do.place.NAME} says. */
  public MediumBuilder placing(String name) {
    wording =
        new Wording(
            "do.place." + name,
            wording.pressing(),
            wording.peeling(),
            wording.pressingAgain(),
            wording.ironing(),
            wording.lookFor(),
            wording.glueSide());
    return this;
  }

  public MediumBuilder glueSide(String name) {
    wording =
        new Wording(
            wording.placing(),
            wording.pressing(),
            wording.peeling(),
            wording.pressingAgain(),
            wording.ironing(),
            wording.lookFor(),
            Sentence.of("glue-side." + name));
    return this;
  }

  /** {@link IllegalArgumentException} where what was said is no usable medium. */
  public Medium build() {
    if (window == null) {
      throw new IllegalArgumentException(key + " has no window");
    }
    return new Medium(
        key,
        family,
        window,
        new Appearance(carries, gives, glosses, palette, opacity, Millimetres.of(thinnestStroke)),
        new Construction(
            layers,
            glue,
            bondsToShell,
            leastPolyester,
            blocksDye,
            metalLayer,
            thin,
            nap,
            smallParts,
            metal,
            lies),
        new Handling(orientation, cutFace, preparation, work, worthFrom, sprayed, stitch),
        new AtPress(
            side,
            cover,
            tools,
            before,
            after,
            steam,
            Seconds.of(leastDrying),
            longest,
            stencil,
            onCoolCloth),
        again,
        feel,
        new Endurance(bears, refuses),
        wording);
  }
}
