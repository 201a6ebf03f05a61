package velvetkettle.server.cut;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.locationtech.jts.geom.Envelope;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.stereotype.Component;
import velvetkettle.core.cut.Progress;
import velvetkettle.core.cut.art.Art;
import velvetkettle.core.cut.art.Colours;
import velvetkettle.core.cut.art.Overlap;
import velvetkettle.core.cut.shape.WorkBudget;
import velvetkettle.core.cut.svg.PaintedShape;
import velvetkettle.core.cut.svg.ReadAs;
import velvetkettle.core.cut.svg.SvgDrawing;
import velvetkettle.core.cut.svg.SvgReader;
import velvetkettle.core.cut.svg.UnreadableDrawingException;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.server.problem.RefusedException;

/** Reads drawings, and keeps those that were needed lately as they were read. */
@Component
public class Drawings implements SmartInitializingSingleton {
  private static final Logger LOG = LoggerFactory.getLogger(Drawings.class);

  /** Of a whole work: reading takes about as long as taking the colours apart. */
  private static final int HALF = 1000;

  /** Corners of all drawings that are kept as they were read: some fifty megabytes. */
  private static final long KEPT_CORNERS = 1_000_000;

  private final ArtService art;
  private final Faces faces;
  private final Cache<UUID, SvgDrawing> known =
      Caffeine.newBuilder().maximumWeight(KEPT_CORNERS).weigher(Drawings::corners).build();

  Drawings(ArtService art, Faces faces) {
    this.art = art;
    this.faces = faces;
  }

  private static int corners(UUID id, SvgDrawing drawing) {
    return 100
        + drawing.shapes().stream().map(PaintedShape::area).mapToInt(a -> a.getNumPoints()).sum();
  }

  /** Reads a drawing and keeps it; refuses what cannot be cut. */
  public ArtView bring(UUID id, String name, byte[] file, Progress progress) {
    return read(id, ArtService.Source.brought(name, file), progress);
  }

  /** Reads a drawing that is kept in another way, and keeps that beside it. */
  ArtView again(UUID id, ArtService.Source source, Progress progress) {
    return read(id, source, progress);
  }

  private ArtView read(UUID id, ArtService.Source source, Progress progress) {
    WorkBudget budget = WorkBudget.ofDrawing((done, of) -> progress.at(HALF * done / of, 2 * HALF));
    SvgDrawing drawing = SvgReader.read(source.file(), budget, source.as(), faces);
    if (drawing.shapes().isEmpty()) {
      throw new RefusedException("file", nothing(drawing));
    }
    // What cannot be taken apart into its colours is refused before it is kept.
    WorkBudget apart =
        WorkBudget.ofDrawing((done, of) -> progress.at(HALF + HALF * done / of, 2 * HALF));
    Art.of(drawing, Overlap.SIDE_BY_SIDE, colour -> colour, apart);
    ArtView read = view(id, ArtService.shortened(source.name()), drawing, source.as());
    ArtView kept = art.keep(id, source, read);
    known.put(id, drawing);
    return kept;
  }

  /** A drawing as it was read. */
  public SvgDrawing drawing(UUID id) {
    SvgDrawing read = known.getIfPresent(id);
    if (read == null) {
      ArtService.Source source = art.source(id);
      WorkBudget budget = WorkBudget.ofDrawing(Progress.NONE);
      read = SvgReader.read(source.file(), budget, source.as(), faces);
      known.put(id, read);
    }
    return read;
  }

  private static ArtView view(UUID id, String name, SvgDrawing drawing, ReadAs as) {
    List<String> colours = Colours.of(drawing);
    Map<String, String> near = Colours.near(colours);
    Envelope bounds = bounds(drawing);
    return new ArtView(
        id,
        name,
        bounds.getWidth(),
        bounds.getHeight(),
        colours.stream().map(colour -> new ArtView.FoundColour(colour, near.get(colour))).toList(),
        drawing.skipped(),
        drawing.hasText(),
        drawing.hasGradients(),
        as);
  }

  /** Of what is drawn: what is wholly covered does not reach beyond what covers it. */
  static Envelope bounds(SvgDrawing drawing) {
    Envelope bounds = new Envelope();
    drawing.shapes().forEach(shape -> bounds.expandToInclude(shape.area().getEnvelopeInternal()));
    return bounds;
  }

  /** Where all of it was left out, why. */
  private static Sentence nothing(SvgDrawing drawing) {
    return drawing.skipped().isEmpty()
        ? Sentence.of("svg.nothing")
        : Sentence.of("svg.nothing-but", drawing.skipped().get(0));
  }

  /** Reads what was kept before its reading was, once, at the first start after that. */
  @Override
  public void afterSingletonsInstantiated() {
    for (ArtMapper.Named older : art.unread()) {
      try {
        ReadAs as = art.source(older.id()).as();
        art.read(view(older.id(), older.name(), drawing(older.id()), as));
      } catch (UnreadableDrawingException e) {
        LOG.warn("The drawing {} cannot be read any more: {}", older.id(), e.sentence().key());
        art.read(
            new ArtView(
                older.id(),
                older.name(),
                0,
                0,
                List.of(),
                List.of(e.sentence()),
                false,
                false,
                ReadAs.USUAL));
      }
    }
  }
}
