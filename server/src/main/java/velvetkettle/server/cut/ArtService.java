package velvetkettle.server.cut;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
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

  /** Keeps a drawing with what was read of it; what is kept under its id already stays. */
  ArtView keep(UUID id, String name, byte[] file, ArtView read) {
    art.insert(
        new ArtRow(id, owner.name(), shortened(name), file, clock.instant(), json.write(read)));
    return kept(id, file).orElseThrow();
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

  /** The file as it came. */
  @Transactional(readOnly = true)
  public byte[] source(UUID id) {
    return art.find(owner.name(), id)
        .orElseThrow(() -> new NotFoundException("drawing", id))
        .source();
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
