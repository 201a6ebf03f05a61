package velvetkettle.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.heat.HeatModel;
import velvetkettle.core.heat.turn.Pressing;
import velvetkettle.core.heat.turn.Turn;
import velvetkettle.core.media.Film;
import velvetkettle.core.media.PressMedium;
import velvetkettle.core.plan.Settling.Settled;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.Layer;
import velvetkettle.core.press.LayerKind;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.Side;
import velvetkettle.core.press.Stack;
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
  private final Settling settling;
  private final JobRequest job;
  private final Decoration decoration;
  private final PressMedium medium;
  private final Settled now;

  /** As the maker has it, and the same with every number held where it is now. */
  private final OwnSetting own;

  private final OwnSetting held;

  WhatIfs(HeatModel heat, Settling settling, JobRequest job, Decoration decoration, Settled now) {
    this.heat = heat;
    this.settling = settling;
    this.job = job;
    this.decoration = decoration;
    this.now = now;
    medium = now.pressing().medium();
    own = decoration.own(medium);
    Recipe recipe = now.recipe();
    held = own.at(recipe.dial().value(), recipe.time().value()).dried(recipe.drying().value());
  }

  /** A change, and what would keep it. */
  private record Change(
      WhatIf.Kind kind,
      Sentence what,
      Pressing pressing,
      @Nullable OwnSetting kept,
      Sentence keeping) {}

  List<WhatIf> all() {
    Compared before = Compared.of(now.pressing(), now.judgement().margins());
    List<Change> changes =
        Stream.of(
                covers(),
                withoutPrePress().stream(),
                damp().stream(),
                thicker().stream(),
                pad().stream(),
                otherPress().stream(),
                platens(),
                fromBack().stream(),
                secondLayer().stream(),
                warmCloth().stream())
            .flatMap(each -> each)
            .toList();
    return SideBySide.each(changes, change -> told(before, change));
  }

  private WhatIf told(Compared before, Change change) {
    Compared after = Compared.of(change.pressing, heat.judge(change.pressing).margins());
    OwnSetting kept = change.kept;
    Sentence keeping = change.keeping;
    boolean fails = after.margins().ruleOut();
    if (kept == null || fails) {
      OwnSetting so = kept == null ? own : kept;
      String words = kept == null ? "whatif.keep.time" : "whatif.keep.so-for";
      boolean madeUp = !fails || after.onlyHoldFails();
      Optional<Seconds> same = madeUp ? after.secondsUntil(before.bond()) : Optional.empty();
      kept = same.map(time -> so.at(now.recipe().dial().value(), time)).orElse(null);
      keeping = same.map(time -> Sentence.of(words, time)).orElse(null);
    }
    return new WhatIf(
        change.kind,
        change.what,
        after.difference(before),
        after.told(before),
        after.margins(),
        Kelvin.of(Math.round(after.glueLine() - before.glueLine())),
        kept,
        keeping);
  }

  private Change own(WhatIf.Kind kind, Sentence what, OwnSetting with, OwnSetting kept) {
    return new Change(kind, what, pressed(job, with), kept, Sentence.of("whatif.keep.so"));
  }

  private Pressing pressed(JobRequest otherJob, OwnSetting with) {
    Decoration other = decoration.with(medium.key(), with);
    JobRequest changed = replacing(otherJob, other);
    return settling.usual(changed, other, medium, changed.toolFor(other, medium)).pressing();
  }

  private JobRequest replacing(JobRequest otherJob, Decoration other) {
    return otherJob.withDecorations(
        otherJob.decorations().stream().map(d -> d.id().equals(other.id()) ? other : d).toList());
  }

  private Stream<Change> covers() {
    CoverSheet current = now.recipe().cover().value();
    return COVERS.stream()
        .filter(cover -> cover != current)
        .filter(cover -> cover != CoverSheet.PTFE || !now.tool().cladInPtfe())
        .map(
            cover ->
                own(
                    WhatIf.Kind.COVER,
                    Sentence.of("whatif.cover", cover),
                    held.under(cover),
                    own.under(cover)));
  }

  private Optional<Change> withoutPrePress() {
    Seconds none = Seconds.of(0);
    return now.recipe().drying().value().count() == 0
        ? Optional.empty()
        : Optional.of(
            own(
                WhatIf.Kind.NO_PRE_PRESS,
                Sentence.of("whatif.no-pre-press"),
                held.dried(none),
                own.dried(none)));
  }

  private Optional<Change> damp() {
    Workroom room = job.bench(now.tool()).workroom();
    if (room.humidity() >= DAMP) {
      return Optional.empty();
    }
    JobRequest damp = job.in(new Workroom(room.air(), DAMP));
    Seconds dried =
        RecipeWriter.of(damp, decoration, medium, now.tool()).write(heat).drying().value();
    boolean longer = dried.compareTo(now.recipe().drying().value()) > 0;
    return Optional.of(
        new Change(
            WhatIf.Kind.DAMP_ROOM,
            Sentence.of("whatif.damp-room", (int) DAMP),
            pressed(damp, held),
            longer ? own.dried(dried) : null,
            Sentence.of("whatif.keep.drying", dried)));
  }

  private Optional<Change> thicker() {
    Garment garment = job.garment();
    double weight =
        Math.min(3 * garment.fabric().weight().count(), THICKER * garment.weight().count());
    JobRequest heavier = job.on(garment.weighing(GramsPerSquareMetre.of(Math.round(weight))));
    return Optional.of(
        new Change(
            WhatIf.Kind.THICKER_CLOTH,
            Sentence.of("whatif.thicker-cloth", (int) heavier.garment().weight().count()),
            pressed(heavier, held),
            null,
            Sentence.of("whatif.keep.so")));
  }

  private Optional<Change> pad() {
    if (job.garment().kind().layers() < 2 || medium.side() == Side.BACK) {
      return Optional.empty();
    }
    boolean raised = job.ground(decoration, medium, now.tool()).raised();
    return Optional.of(
        own(
            WhatIf.Kind.PAD,
            Sentence.of(raised ? "whatif.pad-out" : "whatif.pad-in"),
            held.raised(!raised),
            own.raised(!raised)));
  }

  /** A press that is closed another way: by hand in place of by lever, or the other way round. */
  private Optional<Change> otherPress() {
    boolean byHand = now.tool().kind().pressedByHand();
    return Stream.concat(Stream.of(job.press()), job.shop().drawer().stream())
        .filter(press -> press.kind().pressedByHand() != byHand)
        .filter(press -> medium.tools().contains(press.kind()))
        .filter(press -> job.bench(press).isComputed())
        .findFirst()
        .map(this::with);
  }

  private Change with(Press press) {
    return own(
        WhatIf.Kind.OTHER_PRESS,
        Sentence.of("whatif.other-press", press.name()),
        held.with(press.name()),
        own.with(press.name()));
  }

  private Stream<Change> platens() {
    return Stream.of(
        platen(WhatIf.Kind.COOLER_PLATEN, "whatif.cooler-platen", -1),
        platen(WhatIf.Kind.HOTTER_PLATEN, "whatif.hotter-platen", 1));
  }

  /**
   * The display is still at what the sheet says. What makes up for it is the display set as much
   * the other way.
   */
  private Change platen(WhatIf.Kind kind, String what, int way) {
    Pressing pressing = now.pressing();
    Celsius off = pressing.platen().plus(Kelvin.of(way * OFF.degrees()));
    Celsius dial = now.recipe().dial().value().plus(Kelvin.of(-way * OFF.degrees()));
    return new Change(
        kind,
        Sentence.of(what, OFF),
        pressing.at(off, pressing.time()).withoutSheet(),
        own.at(dial, now.recipe().time().value()),
        Sentence.of("whatif.keep.dial", dial));
  }

  private Optional<Change> fromBack() {
    return medium.side() == Side.BACK || own.fromBack() != null
        ? Optional.empty()
        : Optional.of(
            own(
                WhatIf.Kind.FROM_BACK,
                Sentence.of("whatif.from-back", FROM_BACK),
                held.fromBack(FROM_BACK),
                own.fromBack(FROM_BACK)));
  }

  /** Another layer of the same film over it, pressed together. */
  private Optional<Change> secondLayer() {
    return medium instanceof Film
        ? Optional.of(
            new Change(
                WhatIf.Kind.SECOND_LAYER,
                Sentence.of("whatif.second-layer"),
                now.pressing().under(this::doubled),
                null,
                Sentence.of("whatif.keep.so")))
        : Optional.empty();
  }

  private Turn.Closed doubled(Turn.Closed main) {
    List<Layer> layers = new ArrayList<>(main.stack().layers());
    List<Layer> film =
        layers.stream()
            .filter(l -> l.kind() == LayerKind.FILM || l.kind() == LayerKind.GLUE)
            .toList();
    int first = layers.indexOf(film.get(0));
    layers.addAll(first, film);
    Integer below = main.stack().glueLineBelow();
    return main.over(
        new Stack(main.stack().side(), layers, below == null ? null : below + film.size()));
  }

  private Optional<Change> warmCloth() {
    if (now.recipe().drying().value().count() == 0) {
      return Optional.empty();
    }
    boolean cooled = now.recipe().coolBeforePlacing();
    return Optional.of(
        own(
            WhatIf.Kind.WARM_CLOTH,
            Sentence.of(cooled ? "whatif.warm-cloth" : "whatif.cool-cloth"),
            held.cooled(!cooled),
            own.cooled(!cooled)));
  }
}
