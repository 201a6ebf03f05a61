package velvetkettle.server.cut;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.springframework.stereotype.Component;
import velvetkettle.core.cut.Progress;
import velvetkettle.core.cut.art.Art;
import velvetkettle.core.cut.art.ColourLayer;
import velvetkettle.core.cut.art.MixedFilms;
import velvetkettle.core.cut.art.Overlap;
import velvetkettle.core.cut.lay.Rectangle;
import velvetkettle.core.cut.lay.TestSquare;
import velvetkettle.core.cut.letter.BrokenShapes;
import velvetkettle.core.cut.out.SvgPath;
import velvetkettle.core.cut.print.CutLine;
import velvetkettle.core.cut.weed.Fault;
import velvetkettle.core.cut.weed.WeedLimits;
import velvetkettle.core.cut.weed.WeedReading;
import velvetkettle.core.cut.weed.Weeding;
import velvetkettle.core.media.Medium;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.core.shelf.CutterSetting;
import velvetkettle.core.shelf.Material;
import velvetkettle.server.shelf.MaterialService;

/** Says what will fail in a design, for the materials that were chosen. */
@Component
public class DesignReader {
  private static final int DRAWN = 2;
  private static final int MOST_FAULTS = 300;

  private final Designs designs;
  private final MaterialService materials;
  private final CutterService cutter;

  DesignReader(Designs designs, MaterialService materials, CutterService cutter) {
    this.cutter = cutter;
    this.designs = designs;
    this.materials = materials;
  }

  DesignReading read(CutForm.Design design, Progress progress) {
    Art art = designs.art(design);
    Medium medium = designs.medium(design);
    boolean printed = medium.printedHere();
    List<DesignReading.LayerReading> layers = new ArrayList<>();
    double clean = 1;
    double thinnest = 0;
    for (int i = 0; i < art.layers().size(); i++) {
      ColourLayer layer = art.layers().get(i);
      int at = i;
      Progress within =
          (done, of) -> progress.at(at * 1000 + 1000 * done / of, art.layers().size() * 1000);
      Medium held = designs.medium(design, layer);
      WeedLimits limits = WeedLimits.of(held, design.newBlade());
      WeedReading read = printed ? null : Weeding.read(layer.area(), limits, within);
      layers.add(layer(design, layer, limits, read));
      if (read != null) {
        clean = Math.max(clean, read.cleanFactor());
        boolean thinner = read.thinnest() > 0 && (thinnest == 0 || read.thinnest() < thinnest);
        thinnest = thinner ? read.thinnest() : thinnest;
      }
    }
    Envelope bounds = art.bounds();
    return new DesignReading(
        rectangle(bounds),
        Designs.isMirrored(medium),
        medium.handling().cutFace().term(),
        layers,
        clean == 1 ? design.width() : Math.ceil(design.width() * clean),
        thinnest == 0 ? null : thinnest,
        weight(art, design.overlap(), bounds),
        layers.stream().mapToDouble(DesignReading.LayerReading::weedingSeconds).sum(),
        layers.stream().mapToDouble(DesignReading.LayerReading::cutLength).sum(),
        printed ? print(art, design.print()) : null,
        checks(design, art, medium, printed));
  }

  private static DesignReading.Offset weight(Art art, Overlap overlap, Envelope bounds) {
    Coordinate centre = art.centre(overlap);
    Coordinate middle = bounds.centre();
    return new DesignReading.Offset(centre.x - middle.x, centre.y - middle.y);
  }

  private DesignReading.LayerReading layer(
      CutForm.Design design, ColourLayer layer, WeedLimits limits, @Nullable WeedReading read) {
    String path = SvgPath.of(layer.area(), DRAWN);
    Rectangle bounds = rectangle(layer.area().getEnvelopeInternal());
    if (read == null) {
      return new DesignReading.LayerReading(
          layer.colour(),
          path,
          bounds,
          0,
          List.of(),
          0,
          layer.area().getNumGeometries(),
          0,
          0,
          layer.area().getArea(),
          0,
          List.of(),
          null);
    }
    return new DesignReading.LayerReading(
        layer.colour(),
        path,
        bounds,
        limits.stroke(),
        read.faults().stream().limit(MOST_FAULTS).map(DesignReader::view).toList(),
        read.faults().size(),
        read.pieces(),
        read.toLift(),
        read.cutLength(),
        read.area(),
        read.seconds(),
        BrokenShapes.of(layer.area(), read.faults()),
        cutter(design, layer));
  }

  private static Rectangle rectangle(Envelope at) {
    return new Rectangle(at.getMinX(), at.getMinY(), at.getWidth(), at.getHeight());
  }

  private static DesignReading.FaultView view(Fault fault) {
    return new DesignReading.FaultView(
        fault.kind(), sentence(fault), fault.severity(), fault.at().x, fault.at().y);
  }

  private static Sentence sentence(Fault fault) {
    return switch (fault.kind()) {
      case THIN_STROKE, NARROW_GAP ->
          Sentence.of(
              fault.kind().term().key() + ".said",
              "%.2f".formatted(fault.measured()),
              "%.1f".formatted(fault.least()));
      case LOST_BIT, MISSED_BIT ->
          Sentence.of(fault.kind().term().key() + ".said", "%.1f".formatted(fault.measured()));
      case SHARP_TIP ->
          Sentence.of(fault.kind().term().key() + ".said", (int) Math.round(fault.measured()));
    };
  }

  /** What the material's own sheet says of the cutter. */
  private @Nullable Sentence cutter(CutForm.Design design, ColourLayer layer) {
    return design.colours().stream()
        .filter(choice -> choice.colour().equals(layer.colour()) && choice.materialId() != null)
        .map(choice -> materials.material(choice.materialId()).sheet().cutter())
        .filter(Objects::nonNull)
        .map(DesignReader::said)
        .findFirst()
        .orElse(null);
  }

  private MixedFilms.Film film(CutForm.Design design, ColourLayer layer) {
    Material material =
        design.colours().stream()
            .filter(choice -> choice.colour().equals(layer.colour()))
            .flatMap(choice -> Stream.ofNullable(choice.materialId()))
            .map(materials::material)
            .findFirst()
            .orElse(null);
    return new MixedFilms.Film(designs.medium(design, layer), material);
  }

  private static Sentence said(CutterSetting cutter) {
    List<String> parts = new ArrayList<>();
    if (cutter.blade() != null) {
      parts.add(cutter.blade());
    }
    add(parts, cutter.force(), " g");
    add(parts, cutter.speed(), " mm/s");
    add(parts, cutter.depth(), " on the blade");
    add(
        parts,
        cutter.passes(),
        cutter.passes() != null && cutter.passes() == 1 ? " pass" : " passes");
    return Sentence.of("cut.cutter", String.join(", ", parts));
  }

  private static void add(List<String> parts, @Nullable Integer count, String unit) {
    if (count != null) {
      parts.add(count + unit);
    }
  }

  private static DesignReading.PrintReading print(Art art, CutForm.Print print) {
    CutLine line = CutLine.round(art, print.border());
    Sentence why =
        line.needsMask() ? Sentence.of("print.mask", line.parts()) : Sentence.of("print.no-mask");
    return new DesignReading.PrintReading(
        SvgPath.of(line.inside(), DRAWN), line.parts(), line.needsMask(), why);
  }

  /** What to look at, in the order in which it goes wrong. */
  private List<Sentence> checks(CutForm.Design design, Art art, Medium medium, boolean printed) {
    List<Sentence> checks = new ArrayList<>();
    if (!printed) {
      checks.addAll(
          MixedFilms.told(art.layers().stream().map(layer -> film(design, layer)).toList()));
    }
    checks.add(
        Sentence.of(Designs.isMirrored(medium) ? "cut.check.mirrored" : "cut.check.as-seen"));
    checks.addAll(designs.pictures(design));
    if (!printed) {
      cutter.unlessNew(design.newBlade()).ifPresent(checks::add);
    }
    if (printed) {
      checks.add(Sentence.of("print.check.true-size"));
      checks.add(Sentence.of("print.check.no-bleed"));
      checks.add(Sentence.of("print.check.trim-line"));
    } else {
      checks.add(Sentence.of("cut.check.test", Millimetres.of(TestSquare.SIDE)));
      if (medium.isCutByColour()) {
        checks.add(Sentence.of("cut.check.kiss"));
      } else {
        checks.add(Sentence.of("cut.check.right-side"));
      }
    }
    return checks;
  }
}
