package velvetkettle.server.cut;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.locationtech.jts.geom.Envelope;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import velvetkettle.core.cut.art.Art;
import velvetkettle.core.cut.art.Colours;
import velvetkettle.core.cut.art.Overlap;
import velvetkettle.core.cut.svg.SvgDrawing;
import velvetkettle.core.cut.svg.SvgReader;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.server.Owner;
import velvetkettle.server.Page;
import velvetkettle.server.problem.NotFoundException;
import velvetkettle.server.problem.RefusedException;

/**
 * Drawings that makers brought. They are kept as they came, and read again when they are needed.
 */
@Service
@Transactional
public class ArtService {
  static final int LARGEST = 10_000_000;
  private static final int LONGEST_NAME = 80;

  private final ArtMapper art;
  private final Owner owner;
  private final Clock clock;
  private final Cache<UUID, SvgDrawing> read = Caffeine.newBuilder().maximumSize(30).build();

  ArtService(ArtMapper art, Owner owner, Clock clock) {
    this.art = art;
    this.owner = owner;
    this.clock = clock;
  }

  /** Keeps a drawing; the same id again is the same drawing. Refuses what cannot be cut. */
  public ArtView keep(UUID id, String name, byte[] file) {
    if (art.find(owner.name(), id).isEmpty()) {
      SvgDrawing drawing = SvgReader.read(file);
      if (drawing.shapes().isEmpty()) {
        throw new RefusedException("file", nothing(drawing));
      }
      // What cannot be taken apart into its colours is refused before it is kept.
      Art.of(drawing, Overlap.SIDE_BY_SIDE, colour -> colour);
      read.put(id, drawing);
      art.insert(new ArtRow(id, owner.name(), shortened(name), file, clock.instant()));
    }
    return view(id);
  }

  @Transactional(readOnly = true)
  public Page<ArtMapper.Named> page(int page, int size) {
    List<ArtMapper.Named> items = art.page(owner.name(), size, page * size);
    return new Page<>(items, page, size, art.count(owner.name()));
  }

  @Transactional(readOnly = true)
  public ArtView view(UUID id) {
    SvgDrawing drawing = drawing(id);
    List<String> colours = Colours.of(drawing);
    Map<String, String> near = Colours.near(colours);
    // What is wholly covered does not reach beyond what covers it.
    Envelope bounds = new Envelope();
    drawing.shapes().forEach(shape -> bounds.expandToInclude(shape.area().getEnvelopeInternal()));
    return new ArtView(
        id,
        row(id).name(),
        bounds.getWidth(),
        bounds.getHeight(),
        colours.stream().map(colour -> new ArtView.FoundColour(colour, near.get(colour))).toList(),
        drawing.skipped());
  }

  /** A drawing as it was read. */
  @Transactional(readOnly = true)
  public SvgDrawing drawing(UUID id) {
    SvgDrawing known = read.getIfPresent(id);
    if (known == null) {
      known = SvgReader.read(row(id).source());
      read.put(id, known);
    }
    return known;
  }

  /** Where all of it was left out, why. */
  private static Sentence nothing(SvgDrawing drawing) {
    return drawing.skipped().isEmpty()
        ? Sentence.of("svg.nothing")
        : Sentence.of("svg.nothing-but", drawing.skipped().get(0));
  }

  private ArtRow row(UUID id) {
    return art.find(owner.name(), id).orElseThrow(() -> new NotFoundException("drawing", id));
  }

  private static String shortened(String name) {
    String plain = name.replaceFirst("(?i)\\.svg$", "").strip();
    String named = plain.isEmpty() ? "drawing" : plain;
    return named.length() > LONGEST_NAME ? named.substring(0, LONGEST_NAME) : named;
  }
}
