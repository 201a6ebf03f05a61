package velvetkettle.core.plan.recipe;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.cloth.Obstacle;
import velvetkettle.core.heat.HeatModel;
import velvetkettle.core.heat.phase.Allowed;
import velvetkettle.core.heat.phase.Workplace;
import velvetkettle.core.media.Medium;
import velvetkettle.core.media.trait.CoverChoice;
import velvetkettle.core.media.trait.ExtraPress;
import velvetkettle.core.media.trait.Orientation;
import velvetkettle.core.media.trait.Peel;
import velvetkettle.core.media.trait.SteamUse;
import velvetkettle.core.media.trait.Window;
import velvetkettle.core.media.trait.Work;
import velvetkettle.core.plan.job.Candidate;
import velvetkettle.core.plan.job.OwnSetting;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.press.Side;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.SecondsRange;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.core.school.School;
import velvetkettle.core.shelf.InstructionSheet;

/**
 * Settles every number of a recipe for one medium on one garment and says why. The material's sheet
 * wins over the family's window; nothing wins over a fibre's limit. Factors and additions: common
 * practice, no source.
 */
public final class RecipeWriter {
  /**
   * A hand-held press gives an eighth of a plate press's pressure: practice takes twice the time.
   */
  private static final double HAND_FACTOR = 2;

  /** Each further or thick layer that the heat has to cross on its way to the glue. */
  private static final Seconds THICK_CLOTH = Seconds.of(5);

  /** A shell that is still warm from the pre-press takes the shorter end. */
  private static final double SHORT_END = 0.25;

  /**
   * SteamUse holds the cloth near 100 °C for long: one to two minutes [common practice, no source].
   */
  private static final Seconds BY_STEAM = Seconds.of(90);

  /** What a thin sheet keeps back (engineering estimate). */
  private static final Seconds UNDER_A_SHEET = Seconds.of(2);

  private final Workplace workplace;
  private final Garment garment;
  private final Work work;
  private final Medium medium;
  private final InstructionSheet sheet;
  private final Press press;
  private final int positions;
  private final OwnSetting own;
  private final boolean steams;

  public RecipeWriter(Candidate candidate) {
    workplace = candidate.workplace();
    garment = workplace.garment();
    work = candidate.work();
    medium = candidate.medium();
    sheet = candidate.sheet();
    press = candidate.tool();
    positions = candidate.placing().positions().size();
    own = candidate.own();
    steams = candidate.steams();
  }

  /**
   * @param heat says how long the cloth is dried
   */
  public Recipe write(HeatModel heat) {
    PlatenWriter.Settled hot = PlatenWriter.settle(workplace, medium, sheet);
    Celsius shown = own.dial();
    if (shown != null) {
      hot =
          new PlatenWriter.Settled(
              shown.minus(press.calibration().readsHigh()),
              Recommended.of(shown, yours("why.own-dial", hot.dial().value())));
    }
    Recommended<Seconds> usual = time();
    Seconds wanted = own.time();
    Recommended<Seconds> time =
        wanted == null ? usual : Recommended.of(wanted, yours("why.own-time", usual.value()));
    return write(heat, hot, time);
  }

  /** At a setting that something else has settled. */
  public Recipe write(HeatModel heat, PlatenWriter.Settled hot, Recommended<Seconds> time) {
    Celsius platen = hot.platen();
    Recommended<Celsius> dial = hot.dial();
    Recommended<Peel> peel = peel();
    Recommended<Pressure> pressure = pressure();
    Setting main = new Setting(dial.value(), platen, time.value(), pressure.value());
    return new Recipe(
        new ReasonedSetting(dial, platen, time, pressure),
        layUp(),
        new PeelAdvice(peel, PeelWait.usual(peel.value())),
        new Presses(
            drying(heat, main),
            coolBeforePlacing(),
            extras(before(), main),
            extras(after(), main),
            press.kind().setsSingleStones() ? 1 : positions,
            ToolWriter.of(workplace, medium, work, pressure.value(), time.value(), steams)),
        medium.handling().stitch(),
        new Waits(
            Recommended.of(Seconds.ofHours(24), Evidence.trade("why.first-wash")), keepBack()));
  }

  private LayUp layUp() {
    Orientation turned = medium.handling().orientation();
    return new LayUp(
        cover(),
        medium.liesInside() ? Side.BACK : medium.atPress().side(),
        Recommended.of(turned, Evidence.trade("why." + turned.term().key(), turned)),
        medium.handling().cutFace(),
        medium.wording().glueSide());
  }

  /** Closed as firmly as for the print: nobody turns the knob twice for each piece. */
  private Recommended<Seconds> drying(HeatModel heat, Setting main) {
    Recommended<Seconds> usual =
        new DryingWriter(heat, workplace, medium, work.schools())
            .drying(main.platen(), main.pressure(), main.time());
    Seconds wanted = own.drying();
    return wanted == null ? usual : Recommended.of(wanted, yours("why.own-time", usual.value()));
  }

  private boolean coolBeforePlacing() {
    Boolean wanted = own.cooled();
    return wanted == null ? medium.atPress().onCoolCloth() || shellFromCold() : wanted;
  }

  /** Each colour but the last is held by a press of its own. */
  private List<ExtraPress> before() {
    List<ExtraPress> before = new ArrayList<>(medium.atPress().before(work));
    before.addAll(
        Collections.nCopies(
            medium.colours(work.artwork()) - 1, ExtraPress.colour(CoverChoice.PARCHMENT)));
    return before;
  }

  private List<ExtraPress> after() {
    List<ExtraPress> after = new ArrayList<>(medium.atPress().after(work));
    Seconds back = own.fromBack();
    if (back != null) {
      after.add(ExtraPress.fromBack(CoverChoice.NONE, back.count()));
    }
    return after;
  }

  private static Evidence yours(String key, Object... arguments) {
    return new Evidence(Source.YOURS, Sentence.of(key, arguments));
  }

  private List<ShortPress> extras(List<ExtraPress> presses, Setting main) {
    return presses.stream().map(extra -> shortPress(extra, main)).toList();
  }

  private ShortPress shortPress(ExtraPress extra, Setting main) {
    CoverSheet cover = extra.cover().sheet(work);
    Setting setting = setting(extra, extra.under(cover), main);
    return new ShortPress(extra.kind(), extra.side(), neverBare(unlessClad(cover)), setting);
  }

  private Setting setting(ExtraPress extra, Seconds byPlate, Setting main) {
    Celsius own = extra.platen();
    Seconds time = slowedByHand() ? byPlate.times(HAND_FACTOR) : byPlate;
    if (own == null) {
      return new Setting(main.dial(), main.platen(), time, main.pressure());
    }
    return new Setting(PlatenWriter.shown(own, press), own, time, main.pressure());
  }

  /** A platen clad in PTFE counts as that sheet: no second one. */
  private CoverSheet unlessClad(CoverSheet cover) {
    return cover == CoverSheet.PTFE && press.cladInPtfe() ? CoverSheet.NONE : cover;
  }

  /** Whether only the cloth asks for a sheet, and not the medium. */
  private boolean isCoveredForItsCloth() {
    CoverSheet usual = unlessClad(medium.atPress().cover().sheet(work));
    return sheet.cover() == null && usual == CoverSheet.NONE && neverBare(usual) != usual;
  }

  /** What shines, sticks or loses its stretch is covered; what swells cannot be. */
  private CoverSheet neverBare(CoverSheet cover) {
    if (cover == CoverSheet.NONE && !press.cladInPtfe() && medium.colours(work.artwork()) > 1) {
      // The colours below may stick out from under the carrier of the last.
      return CoverSheet.PARCHMENT;
    }
    boolean bare = !press.cladInPtfe() && !press.kind().setsSingleStones();
    boolean covered = cover != CoverSheet.NONE || !bare;
    return covered || medium.again().flattens() || !garment.isMarkedBare()
        ? cover
        : CoverSheet.PARCHMENT;
  }

  private boolean shellFromCold() {
    return pressedOnShell() && work.schools().keepTo(School.NYLON_COLD_AND_FULL);
  }

  private boolean pressedOnShell() {
    return garment.fabric().is(Fabric.Trait.SHELL)
        && !medium.pressedFromBack()
        && !medium.appearance().ownGround();
  }

  /** What the sheet allows, else the trade, at the pressure that this press gives. */
  public Allowed allowed() {
    SecondsRange whole = sheetOrWindowTime();
    boolean warm = sheet.time() == null && pressedOnShell() && !shellFromCold();
    // On warm shells the press is short, whatever else would forgive more.
    SecondsRange range = warm ? new SecondsRange(whole.low(), whole.at(0.5)) : whole;
    SecondsRange slowed =
        slowedByHand()
            ? new SecondsRange(range.low().times(HAND_FACTOR), range.high().times(HAND_FACTOR))
            : range;
    SecondsRange borne = new SecondsRange(atMostBorne(slowed.low()), atMostBorne(slowed.high()));
    return new Allowed(PlatenWriter.range(medium, sheet), borne, bySheet());
  }

  private Seconds atMostBorne(Seconds time) {
    Seconds longest = medium.atPress().longest();
    return longest != null && time.compareTo(longest) > 0 ? longest : time;
  }

  private SecondsRange sheetOrWindowTime() {
    SecondsRange own = sheet.time();
    return own != null ? own : medium.window().time();
  }

  private boolean slowedByHand() {
    return press.kind().pressedByHand() && wantedPressure().compareTo(Pressure.LIGHT) > 0;
  }

  private Recommended<Seconds> time() {
    List<Evidence> why = new ArrayList<>();
    SecondsRange range = sheetOrWindowTime();
    Seconds time;
    if (sheet.time() != null) {
      why.add(sheetSays("why.sheet-time", range.low(), range.high()));
      time = range.at(0.5);
    } else {
      why.add(Evidence.trade("why.window-time", medium.term(), range.low(), range.high()));
      time = medium.window().usualTime();
      if (pressedOnShell() && !shellFromCold()) {
        time = range.at(SHORT_END);
        why.add(Evidence.trade("why.shell-warm"));
      }
      boolean warm = pressedOnShell() && !shellFromCold();
      if (!warm
          && isCoveredForItsCloth()
          && time.plus(UNDER_A_SHEET).compareTo(range.high()) <= 0) {
        time = time.plus(UNDER_A_SHEET);
        why.add(Evidence.trade("why.under-a-sheet", UNDER_A_SHEET));
      }
    }
    if (bySteam()) {
      why.add(Evidence.trade("why.stones-by-steam", BY_STEAM));
      return new Recommended<>(BY_STEAM, why);
    }
    if (medium.pressedFromBack()) {
      int more = layersBeforeGlue() - 1 + (garment.fabric().is(Fabric.Trait.UNEVEN) ? 1 : 0);
      for (int layer = 0; layer < more; layer++) {
        time = time.plus(THICK_CLOTH);
        why.add(Evidence.trade("why.thick-cloth", THICK_CLOTH));
      }
    }
    if (slowedByHand()) {
      time = time.times(HAND_FACTOR);
      why.add(Evidence.trade("why.hand-pressure", press.name()));
    }
    Seconds borne = atMostBorne(time);
    if (!borne.equals(time)) {
      why.add(Evidence.trade("why.bears-no-longer", borne));
      time = borne;
    }
    return new Recommended<>(Seconds.of(Math.round(time.count())), why);
  }

  private boolean bySteam() {
    return steams && medium.atPress().steam() == SteamUse.BY_SCHOOL && sheet.time() == null;
  }

  private int layersBeforeGlue() {
    return garment.obstacles().stream().anyMatch(Obstacle::doublesTheCloth) ? 2 : 1;
  }

  private Pressure wantedPressure() {
    Pressure own = sheet.pressure();
    Pressure usual = medium.window().pressure();
    if (own != null) {
      return own;
    }
    return pileIsSpared() && usual.compareTo(Pressure.LIGHT) > 0 ? Pressure.LIGHT : usual;
  }

  private boolean pileIsSpared() {
    return garment.fabric().is(Fabric.Trait.PILE);
  }

  private Recommended<Pressure> pressure() {
    Pressure wanted = wantedPressure();
    Evidence why =
        sheet.pressure() != null
            ? sheetSays("why.sheet-pressure", wanted)
            : pileIsSpared()
                ? Evidence.trade("why.pile-light", garment.fabric())
                : Evidence.trade("why.window-pressure", medium.term(), wanted, wanted.nominal());
    Pressure firmest = press.kind().firmest();
    return wanted.compareTo(firmest) <= 0
        ? Recommended.of(wanted, why)
        : Recommended.of(firmest, why, Evidence.trade("why.firmest", press.name(), firmest));
  }

  private Recommended<Peel> peel() {
    Peel own = sheet.peel();
    Window window = medium.window();
    return own != null
        ? Recommended.of(own, sheetSays("why.sheet-peel", own))
        : Recommended.of(
            window.peel(),
            window.peel() == Peel.NONE
                ? Evidence.trade("why.nothing-to-peel", medium.term())
                : Evidence.trade("why.window-peel", medium.term(), window.peel()));
  }

  private Recommended<CoverSheet> cover() {
    CoverSheet bySheet = sheet.cover();
    CoverSheet wanted = bySheet != null ? bySheet : medium.atPress().cover().sheet(work);
    CoverSheet cover = bySheet == null ? neverBare(unlessClad(wanted)) : unlessClad(wanted);
    CoverSheet settled = own.cover();
    if (settled != null) {
      return Recommended.of(settled, yours("why.own-cover", cover));
    }
    if (wanted == CoverSheet.NONE && cover != wanted && medium.colours(work.artwork()) > 1) {
      return Recommended.of(cover, Evidence.trade("why.over-colours"));
    }
    if (wanted == CoverSheet.NONE && cover != wanted && !garment.suffersBare()) {
      return Recommended.of(cover, Evidence.trade("why.over-old-print"));
    }
    if (wanted == CoverSheet.NONE && cover != wanted) {
      return Recommended.of(cover, Evidence.trade("why.never-bare", garment.weakest()));
    }
    if (cover != wanted) {
      return Recommended.of(cover, Evidence.trade("why.cover-clad", press.name()));
    }
    return Recommended.of(
        cover,
        bySheet != null
            ? sheetSays("why.sheet-cover", bySheet)
            : Evidence.trade("why." + cover.term().key(), cover));
  }

  /** Whether a sheet says temperature or time. */
  public boolean bySheet() {
    return sheet.temperature() != null || sheet.time() != null;
  }

  private Recommended<Seconds> keepBack() {
    boolean migration =
        PlatenWriter.dyeHasToStayQuiet(garment, medium) && !medium.appearance().ownGround();
    return migration
        ? Recommended.of(
            Seconds.ofHours(72), Evidence.trade("why.keep-back-dye", garment.wanderingDye().dye()))
        : Recommended.of(Seconds.ofHours(24), Evidence.trade("why.keep-back"));
  }

  private static Evidence sheetSays(String key, Object... arguments) {
    return new Evidence(Source.SHEET, Sentence.of(key, arguments));
  }
}
