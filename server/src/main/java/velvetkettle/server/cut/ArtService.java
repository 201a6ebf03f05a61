package velvetkettle.server.cut;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import velvetkettle.core.cut.svg.ReadAs;
import velvetkettle.server.Owner;
import velvetkettle.server.Page;
import velvetkettle.server.json.StoredJson;
import velvetkettle.server.problem.DifferentException;
import velvetkettle.server.problem.NotFoundException;

/** Drawings that makers brought: as they came, and what was read of them. */
@Service
@Transactional
public class ArtService {
  static final int LARGEST = 10_000_000;
  private static final int LONGEST_NAME = 80;

  private final ArtMapper art;
  private final StoredJson json;
  private final Owner owner;
  private final Clock clock;

  ArtService(ArtMapper art, StoredJson json, Owner owner, Clock clock) {
    this.art = art;
    this.json = json;
    this.owner = owner;
    this.clock = clock;
  }

  /**
   * A file that was brought.
   *
   * @param againOf the drawing that this is another reading of; null where it is none
   */
  record Source(String name, byte[] file, ReadAs as, @Nullable UUID againOf) {
    static Source brought(String name, byte[] file) {
      return new Source(name, file, ReadAs.USUAL, null);
    }
  }

  /** Keeps a drawing with what was read of it; what is kept under its id already stays. */
  ArtView keep(UUID id, Source source, ArtView read) {
    art.insert(
        new ArtRow(
            id,
            owner.name(),
            shortened(source.name()),
            source.file(),
            clock.instant(),
            json.write(read),
            source.againOf() == null ? null : json.write(source.as()),
            source.againOf()));
    return kept(id, source.file()).orElseThrow();
  }

  /** What was read of a drawing in that way; empty where it was not read so yet. */
  @Transactional(readOnly = true)
  public Optional<ArtView> again(UUID from, ReadAs as) {
    ArtRow row = row(from);
    UUID of = row.againOf() == null ? row.id() : row.againOf();
    return as.equals(ReadAs.USUAL)
        ? Optional.of(view(of))
        : art.again(owner.name(), of, json.write(as)).map(this::view);
  }

  /**
   * A drawing to be read in that way.
   *
   * @param id of what that makes
   * @throws DifferentException where another drawing has that id
   */
  @Transactional(readOnly = true)
  public Source another(UUID id, UUID from, ReadAs as) {
    if (art.has(owner.name(), id)) {
      throw new DifferentException("drawing", List.of("from"));
    }
    ArtRow row = row(from);
    return new Source(
        row.name(), row.source(), as, row.againOf() == null ? row.id() : row.againOf());
  }

  /**
   * What was read of a drawing that is kept; empty where none is.
   *
   * @throws DifferentException where it is another one
   */
  @Transactional(readOnly = true)
  public Optional<ArtView> kept(UUID id, byte[] file) {
    if (!art.has(owner.name(), id)) {
      return Optional.empty();
    }
    if (!art.is(owner.name(), id, file)) {
      throw new DifferentException("drawing", List.of("file"));
    }
    return Optional.of(view(id));
  }

  @Transactional(readOnly = true)
  public Page<ArtMapper.Named> page(int page, int size) {
    List<ArtMapper.Named> items = art.page(owner.name(), size, page * size);
    return new Page<>(items, page, size, art.count(owner.name()));
  }

  @Transactional(readOnly = true)
  public ArtView view(UUID id) {
    return art.reading(owner.name(), id)
        .map(reading -> json.read(reading, ArtView.class))
        .orElseThrow(() -> new NotFoundException("drawing", id));
  }

  /** The file as it came, and how it is read. */
  @Transactional(readOnly = true)
  public Source source(UUID id) {
    ArtRow row = row(id);
    ReadAs as = row.readAs() == null ? ReadAs.USUAL : json.read(row.readAs(), ReadAs.class);
    return new Source(row.name(), row.source(), as, row.againOf());
  }

  private ArtRow row(UUID id) {
    return art.find(owner.name(), id).orElseThrow(() -> new NotFoundException("drawing", id));
  }

  /** Drawings of which it is not kept what was read. */
  @Transactional(readOnly = true)
  public List<ArtMapper.Named> unread() {
    return art.unread(owner.name());
  }

  void read(ArtView read) {
    art.read(owner.name(), read.id(), json.write(read));
  }

  static String shortened(String name) {
    String plain = name.replaceFirst("(?i)\\.svg$", "").strip();
    String named = plain.isEmpty() ? "drawing" : plain;
    return named.length() > LONGEST_NAME ? named.substring(0, LONGEST_NAME) : named;
  }
}
