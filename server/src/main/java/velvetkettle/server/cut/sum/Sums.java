package velvetkettle.server.cut.sum;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.MultiPolygon;
import org.springframework.stereotype.Component;
import velvetkettle.core.cut.Progress;
import velvetkettle.core.cut.art.Art;
import velvetkettle.core.cut.label.Label;
import velvetkettle.core.cut.lay.LayRules;
import velvetkettle.core.cut.stone.Grading;
import velvetkettle.core.cut.stone.StoneLayer;
import velvetkettle.core.cut.stone.StoneTool;
import velvetkettle.core.cut.sum.LabelSum;
import velvetkettle.core.cut.sum.MotifSum;
import velvetkettle.core.cut.sum.PatchSum;
import velvetkettle.core.cut.sum.SlitSum;
import velvetkettle.core.cut.sum.StoneSum;
import velvetkettle.core.cut.sum.StripSum;
import velvetkettle.core.cut.sum.Sum;
import velvetkettle.core.media.MediaCatalogue;
import velvetkettle.core.media.trait.Orientation;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.PressKind;
import velvetkettle.core.press.StoneSize;
import velvetkettle.core.quantity.ImpossibleValueException;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.server.plan.DecorationForm;
import velvetkettle.server.plan.TicketView;
import velvetkettle.server.press.PressService;
import velvetkettle.server.problem.NotFoundException;
import velvetkettle.server.problem.RefusedException;
import velvetkettle.server.roster.RosterEntryForm;

/** Puts a sum together from what was typed and what the ticket says. */
@Component
class Sums {
  /** A carrier mat is no limit to sheets that are cut by hand. */
  private static final double MARGIN = 3;

  /** More of one kind are not laid at once. */
  private static final int MOST_LAID = 200;

  /** More labels are not drawn at once. */
  private static final int MOST_LABELS = 1000;

  private static final String GLASS = "#e8edf2";

  private final SumShapes shapes;
  private final MediaCatalogue media;
  private final PressService presses;

  Sums(SumShapes shapes, MediaCatalogue media, PressService presses) {
    this.shapes = shapes;
    this.media = media;
    this.presses = presses;
  }

  /**
   * A sum with what it is of.
   *
   * @param laid what stones were laid; null for other sums
   */
  record Done(SumForm form, Sum sum, StoneSum.@Nullable Laid laid) {}

  static DecorationForm thing(TicketView ticket, String decoration) {
    return ticket.decorations().stream()
        .filter(each -> each.id().equals(decoration))
        .findFirst()
        .orElseThrow(() -> new NotFoundException("decoration", decoration));
  }

  /** What is taken where nothing was typed yet. */
  SumForm usual(TicketView ticket, String decoration, SumKind kind) {
    DecorationForm thing = thing(ticket, decoration);
    var design = shapes.design(ticket.id(), decoration);
    ShapeForm.From from = design.isPresent() ? ShapeForm.From.ART : ShapeForm.From.ROUND;
    ShapeForm shape = PatchesForm.shape(from, thing.width(), thing.height());
    return switch (kind) {
      case LABELS -> SumForm.of(LabelsForm.usual());
      case PATCHES -> SumForm.of(PatchesForm.usual(shape));
      case STRIPS -> SumForm.of(StripsForm.usual(thing.width(), thing.height()));
      case SLITS -> SumForm.of(SlitsForm.usual(thing.width(), thing.height()));
      case MOTIFS -> SumForm.of(MotifsForm.usual(thing.width()));
      case STONES -> {
        List<StonesForm.LayerForm> layers = new ArrayList<>();
        design.ifPresent(
            of ->
                of.colours().stream()
                    .filter(colour -> colour.cut() && colour.sameAs() == null)
                    .limit(20)
                    .forEach(
                        colour -> layers.add(StonesForm.layer(colour.colour(), colour.colour()))));
        if (layers.isEmpty()) {
          layers.add(StonesForm.layer(null, GLASS));
        }
        yield SumForm.of(StonesForm.usual(shape, layers));
      }
    };
  }

  /**
   * {@link RefusedException} where the part of its kind is missing, or says what cannot be: what a
   * computation throws besides is taken for a fault of the program.
   */
  Done done(TicketView ticket, String decoration, SumKind kind, SumForm form) {
    try {
      return summed(ticket, decoration, kind, form);
    } catch (ImpossibleValueException e) {
      throw new RefusedException(kind.name().toLowerCase(Locale.ROOT), e.sentence());
    }
  }

  private Done summed(TicketView ticket, String decoration, SumKind kind, SumForm form) {
    thing(ticket, decoration);
    if (kind == SumKind.STONES) {
      return stones(ticket, decoration, form);
    }
    Sum sum =
        switch (kind) {
          case LABELS -> labels(ticket, decoration, part(form.labels(), kind));
          case PATCHES -> patches(ticket, decoration, part(form.patches(), kind));
          case STRIPS -> strips(ticket, part(form.strips(), kind));
          case SLITS -> slits(part(form.slits(), kind));
          case MOTIFS -> motifs(ticket, part(form.motifs(), kind));
          case STONES -> throw new IllegalStateException("stones have their own");
        };
    return new Done(form, sum, null);
  }

  private static <T> T part(@Nullable T part, SumKind kind) {
    if (part == null) {
      String name = kind.name().toLowerCase(Locale.ROOT);
      throw new RefusedException(name, Sentence.of("sum.no-part", name));
    }
    return part;
  }

  private Sum labels(TicketView ticket, String decoration, LabelsForm form) {
    List<Label> labels = new ArrayList<>();
    for (String words : words(ticket, form)) {
      for (int i = 0; i < form.each() && labels.size() < MOST_LABELS; i++) {
        labels.add(new Label(words));
      }
    }
    Sum sum =
        LabelSum.of(
            labels,
            form.measures(),
            form.stock(),
            isMirrored(thing(ticket, decoration).medium()),
            ticket.press(),
            words -> shapes.words(words, form.face()),
            shapes.capital(form.face()));
    int asked = form.words().isBlank() ? ticket.roster().size() : ticket.pieces();
    return some(sum, labels.size(), asked * form.each());
  }

  /** What was not reckoned is told first. */
  private static Sum some(Sum sum, int reckoned, int asked) {
    return reckoned == asked ? sum : sum.first(Sentence.of("sum.some", reckoned, asked));
  }

  private static List<String> words(TicketView ticket, LabelsForm form) {
    if (!form.words().isBlank()) {
      return Collections.nCopies(Math.min(ticket.pieces(), MOST_LABELS), form.words().strip());
    }
    List<String> words = new ArrayList<>();
    for (RosterEntryForm entry : ticket.roster()) {
      String name = entry.name().isBlank() ? entry.number() : entry.name();
      String size = form.sizes() ? " " + entry.size() : "";
      words.add((name.strip() + size).strip());
    }
    if (words.isEmpty()) {
      throw new RefusedException("labels.words", Sentence.of("sum.roster.nobody"));
    }
    return words;
  }

  private @Nullable Boolean isMirrored(@Nullable String medium) {
    return medium == null
        ? null
        : media
            .find(medium)
            .map(each -> each.handling().orientation() == Orientation.MIRRORED)
            .orElse(null);
  }

  private Sum patches(TicketView ticket, String decoration, PatchesForm form) {
    MultiPolygon outline = shapes.outline(form.shape(), ticket.id(), decoration);
    int asked = form.copies() > 0 ? form.copies() : ticket.pieces();
    int copies = Math.min(MOST_LAID, asked);
    LayRules mat = new LayRules(0, MARGIN, form.largest(false), form.largest(true));
    Sum sum =
        PatchSum.of(
            outline,
            form.measures(),
            copies,
            form.kerf(),
            form.grain(),
            form.stocks(),
            mat,
            Progress.NONE);
    return some(sum, copies, asked);
  }

  private static Sum strips(TicketView ticket, StripsForm form) {
    int asked = form.panels() > 0 ? form.panels() : ticket.pieces();
    int panels = Math.min(MOST_LAID, asked);
    Sum sum =
        StripSum.of(
            form.measures(), panels, form.roll(), ticket.press(), Seconds.of(form.seconds()));
    return some(sum, panels, asked);
  }

  private static Sum slits(SlitsForm form) {
    return SlitSum.of(form.measures(), form.inside(), form.gives(), form.paper().paper());
  }

  private static Sum motifs(TicketView ticket, MotifsForm form) {
    return MotifSum.of(
        form.path(),
        form.figure(),
        form.part(),
        form.count(),
        form.gap(),
        form.alternate(),
        ticket.pieces());
  }

  private Done stones(TicketView ticket, String decoration, SumForm whole) {
    StonesForm form = part(whole.stones(), SumKind.STONES);
    List<StoneLayer> layers = new ArrayList<>();
    if (form.shape().from() == ShapeForm.From.ART) {
      Art art = shapes.art(ticket.id(), decoration, form.shape().width());
      for (StonesForm.LayerForm layer : form.layers()) {
        if (layer.art() != null) {
          layers.add(layer(art.area(layer.art()), layer));
        }
      }
    } else {
      layers.add(layer(shapes.shape(form.shape(), ticket.id(), decoration), form.layers().get(0)));
    }
    String cloth =
        form.cloth() == null
            ? ticket.garment().garment().cloth().colour().onScreen()
            : form.cloth();
    StoneSum.Laid laid =
        StoneSum.of(
            layers,
            new StoneSum.Asked(
                form.gap(),
                form.loss(),
                form.tool(),
                form.clearance(),
                form.sheetWidth(),
                form.sheetHeight(),
                form.tool() == StoneTool.WAND ? tips() : Set.of(),
                cloth,
                new StoneSum.Repeat(form.uses(), form.distance(), form.turned())),
            ticket.pieces());
    return new Done(whole, laid.sum(), laid);
  }

  /** Of all wands of the shop together. */
  private Set<StoneSize> tips() {
    Set<StoneSize> tips = new TreeSet<>();
    for (Press press : presses.drawer()) {
      if (press.kind() == PressKind.WAND) {
        tips.addAll(press.tips());
      }
    }
    return tips;
  }

  private static StoneLayer layer(Geometry shape, StonesForm.LayerForm form) {
    return new StoneLayer(
        shape,
        form.pattern(),
        form.sizes(),
        new Grading(form.direction(), form.from(), form.to()),
        form.colour());
  }
}
