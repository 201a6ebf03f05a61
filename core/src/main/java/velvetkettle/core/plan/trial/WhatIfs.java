package velvetkettle.core.plan.trial;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import velvetkettle.core.art.ArtSize;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.heat.HeatModel;
import velvetkettle.core.heat.phase.Pressing;
import velvetkettle.core.media.Medium;
import velvetkettle.core.plan.ParallelTasks;
import velvetkettle.core.plan.SettingSelection;
import velvetkettle.core.plan.SettingSelection.Settled;
import velvetkettle.core.plan.job.Candidate;
import velvetkettle.core.plan.job.Decoration;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.plan.job.OwnSetting;
import velvetkettle.core.plan.recipe.PlatenWriter;
import velvetkettle.core.plan.recipe.Recipe;
import velvetkettle.core.plan.recipe.RecipeWriter;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.PlatenContact;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.Workroom;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.GramsPerSquareMetre;
import velvetkettle.core.quantity.Kelvin;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;

/**
 * What would be if one thing were otherwise and temperature and time stayed as they are. Amounts:
 * engineering estimates.
 */
final class WhatIfs {
  private static final double DAMP = 90;
  private static final double THICKER = 1.5;
  private static final Kelvin OFF = Kelvin.of(10);
  private static final Seconds FROM_BACK = Seconds.of(10);
  private static final List<CoverSheet> COVERS =
      List.of(CoverSheet.NONE, CoverSheet.PTFE, CoverSheet.PARCHMENT, CoverSheet.COTTON);

  private final HeatModel heat;
  private final SettingSelection settling;
  private final Candidate candidate;
  private final JobRequest job;
  private final Medium medium;
  private final Settled now;

  /** As the maker has it, and the same with every number held where it is now. */
  private final OwnSetting own;

  private final OwnSetting held;

  WhatIfs(HeatModel heat, SettingSelection settling, Candidate candidate, Settled now) {
    this.heat = heat;
    this.settling = settling;
    this.candidate = candidate;
    job = candidate.job();
    this.now = now;
    medium = candidate.medium();
    own = candidate.own();
    Recipe recipe = now.recipe();
    held =
        own.at(recipe.setting().dial().value(), recipe.setting().time().value())
            .dried(recipe.presses().drying().value());
  }

  List<WhatIf> all() {
    Compared before = Compared.of(now.pressing(), heat.bearing(now.pressing()));
    List<Variation> changes = changes();
    Compensation makingUp = new Compensation(heat, own, before);
    return ParallelTasks.each(changes, makingUp::told);
  }

  private List<Variation> changes() {
    return Stream.of(
            covers(),
            withoutPrePress().stream(),
            damp().stream(),
            Stream.of(thicker()),
            pad().stream(),
            otherPress().stream(),
            keptMoving().stream(),
            platens(),
            fromBack().stream(),
            secondLayer().stream(),
            warmCloth().stream())
        .flatMap(each -> each)
        .toList();
  }

  private Variation own(WhatIf.Kind kind, Sentence what, OwnSetting with, OwnSetting kept) {
    return new Variation(
        kind, what, pressed(job, with), dial(), kept, Sentence.of("whatif.keep.so"), true);
  }

  private Variation madeUpByTime(WhatIf.Kind kind, Sentence what, Pressing pressing) {
    return new Variation(kind, what, pressing, dial(), null, null, false);
  }

  private Celsius dial() {
    return now.recipe().setting().dial().value();
  }

  private Pressing pressed(JobRequest otherJob, OwnSetting with) {
    Decoration other = candidate.decoration().with(medium.key(), with);
    return settling.pressing(Candidate.of(replacing(otherJob, other), other, medium));
  }

  private JobRequest replacing(JobRequest otherJob, Decoration other) {
    return otherJob.withDecorations(
        otherJob.decorations().stream().map(d -> d.id().equals(other.id()) ? other : d).toList());
  }

  private Stream<Variation> covers() {
    CoverSheet current = now.recipe().layUp().cover().value();
    return COVERS.stream()
        .filter(cover -> cover != current)
        // What shines, sticks or loses its stretch is never pressed bare.
        .filter(cover -> cover != CoverSheet.NONE || !candidate.job().garment().isMarkedBare())
        .filter(cover -> cover != CoverSheet.PTFE || !candidate.tool().cladInPtfe())
        .map(
            cover ->
                own(
                    WhatIf.Kind.COVER,
                    Sentence.of("whatif.cover", cover),
                    held.under(cover),
                    own.under(cover)));
  }

  private Optional<Variation> withoutPrePress() {
    Seconds none = Seconds.of(0);
    return now.recipe().presses().drying().value().count() == 0
        ? Optional.empty()
        : Optional.of(
            own(
                WhatIf.Kind.NO_PRE_PRESS,
                Sentence.of("whatif.no-pre-press"),
                held.dried(none),
                own.dried(none)));
  }

  private Optional<Variation> damp() {
    Workroom room = job.workplace(candidate.tool()).workroom();
    if (room.humidity() >= DAMP) {
      return Optional.empty();
    }
    JobRequest damp = job.in(new Workroom(room.air(), DAMP));
    Seconds dried =
        new RecipeWriter(new Candidate(damp, candidate.decoration(), medium, candidate.tool()))
            .write(heat)
            .presses()
            .drying()
            .value();
    Sentence what = Sentence.of("whatif.damp-room", (int) DAMP);
    Pressing pressing = pressed(damp, held);
    return Optional.of(
        dried.compareTo(now.recipe().presses().drying().value()) > 0
            ? new Variation(
                WhatIf.Kind.DAMP_ROOM,
                what,
                pressing,
                dial(),
                own.dried(dried),
                Sentence.of("whatif.keep.drying", dried),
                false)
            : madeUpByTime(WhatIf.Kind.DAMP_ROOM, what, pressing));
  }

  private Variation thicker() {
    Garment garment = job.garment();
    double weight =
        Math.min(3 * garment.fabric().weight().count(), THICKER * garment.weight().count());
    JobRequest heavier = job.on(garment.weighing(GramsPerSquareMetre.of(Math.round(weight))));
    return madeUpByTime(
        WhatIf.Kind.THICKER_CLOTH,
        Sentence.of("whatif.thicker-cloth", (int) heavier.garment().weight().count()),
        pressed(heavier, held));
  }

  private Optional<Variation> pad() {
    if (job.garment().kind().layers() < 2 || medium.pressedFromBack()) {
      return Optional.empty();
    }
    boolean raised = candidate.ground().raised();
    return Optional.of(
        own(
            WhatIf.Kind.PAD,
            Sentence.of(raised ? "whatif.pad-out" : "whatif.pad-in"),
            held.raised(!raised),
            own.raised(!raised)));
  }

  /** A press that is closed another way: by hand in place of by lever, or the other way round. */
  private Optional<Variation> otherPress() {
    boolean byHand = candidate.tool().kind().pressedByHand();
    return Stream.concat(Stream.of(job.press()), job.shop().drawer().stream())
        .filter(press -> press.kind().pressedByHand() != byHand)
        .filter(press -> medium.atPress().by(press.kind()))
        .filter(press -> job.workplace(press).isComputed())
        .findFirst()
        .map(this::with);
  }

  /** At the same true temperature, whatever its display reads for it. */
  private Variation with(Press press) {
    Celsius shown = PlatenWriter.shown(now.pressing().platen(), press);
    OwnSetting kept = own.dial() == null ? own : own.at(shown, own.time());
    return new Variation(
        WhatIf.Kind.OTHER_PRESS,
        Sentence.of("whatif.other-press", press.name()),
        pressed(job, held.at(shown, held.time()).with(press.id())),
        shown,
        kept.with(press.id()),
        Sentence.of("whatif.keep.so"),
        true);
  }

  /** An iron that passes over all of it in place of one that is set down and held. */
  private Optional<Variation> keptMoving() {
    if (!candidate.tool().kind().iron()) {
      return Optional.empty();
    }
    ArtSize art = candidate.decoration().artwork().size();
    PlatenContact moving =
        now.pressing()
            .workplace()
            .under()
            .keptMoving(candidate.tool(), art.width().count(), art.height().count());
    return Optional.of(
        madeUpByTime(
            WhatIf.Kind.KEPT_MOVING,
            Sentence.of("whatif.kept-moving", (int) Math.round(100 * moving.over())),
            now.pressing().under(moving)));
  }

  private Stream<Variation> platens() {
    return Stream.of(
        platen(WhatIf.Kind.COOLER_PLATEN, "whatif.cooler-platen", -1),
        platen(WhatIf.Kind.HOTTER_PLATEN, "whatif.hotter-platen", 1));
  }

  /**
   * The display is still at what the sheet says. What makes up for it is the display set as much
   * the other way.
   */
  private Variation platen(WhatIf.Kind kind, String what, int way) {
    Pressing pressing = now.pressing();
    Celsius off = pressing.platen().plus(Kelvin.of(way * OFF.degrees()));
    Sentence saying = Sentence.of(what, OFF);
    Pressing strayed = pressing.at(off, pressing.time()).withoutSheet();
    if (!candidate.tool().kind().setInDegrees()) {
      return madeUpByTime(kind, saying, strayed);
    }
    Celsius shown = dial().plus(Kelvin.of(-way * OFF.degrees()));
    return new Variation(
        kind,
        saying,
        strayed,
        dial(),
        own.at(shown, now.recipe().setting().time().value()),
        Sentence.of("whatif.keep.dial", shown),
        false);
  }

  private Optional<Variation> fromBack() {
    return medium.pressedFromBack() || own.fromBack() != null
        ? Optional.empty()
        : Optional.of(
            own(
                WhatIf.Kind.FROM_BACK,
                Sentence.of("whatif.from-back", FROM_BACK),
                held.fromBack(FROM_BACK),
                own.fromBack(FROM_BACK)));
  }

  /** Another layer of the same film over it, pressed together. */
  private Optional<Variation> secondLayer() {
    return medium.again().tackedBelow()
        ? Optional.of(
            madeUpByTime(
                WhatIf.Kind.SECOND_LAYER,
                Sentence.of("whatif.second-layer"),
                now.pressing().under(SecondLayer::over)))
        : Optional.empty();
  }

  private Optional<Variation> warmCloth() {
    if (now.recipe().presses().drying().value().count() == 0) {
      return Optional.empty();
    }
    boolean cooled = now.recipe().presses().coolBeforePlacing();
    return Optional.of(
        own(
            WhatIf.Kind.WARM_CLOTH,
            Sentence.of(cooled ? "whatif.warm-cloth" : "whatif.cool-cloth"),
            held.cooled(!cooled),
            own.cooled(!cooled)));
  }
}
