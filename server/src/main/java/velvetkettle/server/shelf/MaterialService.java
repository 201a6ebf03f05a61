package velvetkettle.server.shelf;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import velvetkettle.core.media.MediaCatalogue;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.core.quantity.Term;
import velvetkettle.core.shelf.Material;
import velvetkettle.core.shelf.Remnant;
import velvetkettle.server.Owner;
import velvetkettle.server.Page;
import velvetkettle.server.Turns;
import velvetkettle.server.json.StoredJson;
import velvetkettle.server.problem.NotFoundException;
import velvetkettle.server.problem.RefusedException;
import velvetkettle.server.problem.StaleException;

@Service
@Transactional
public class MaterialService {
  /** More rolls and sheets than any small shop has. */
  private static final int SHELF = 1000;

  private final MaterialMapper materials;
  private final StoredJson json;
  private final Owner owner;
  private final MediaCatalogue media;
  private final Turns turns;

  MaterialService(
      MaterialMapper materials, StoredJson json, Owner owner, MediaCatalogue media, Turns turns) {
    this.turns = turns;
    this.media = media;
    this.materials = materials;
    this.json = json;
    this.owner = owner;
  }

  /** A material with the id under which tickets name it, and the name of its medium. */
  public record MaterialView(UUID id, Term mediumName, Material material, int version) {}

  @Transactional(readOnly = true)
  public Page<MaterialView> page(int page, int size) {
    List<MaterialView> items =
        materials.page(owner.name(), size, page * size).stream().map(this::view).toList();
    return new Page<>(items, page, size, materials.count(owner.name()));
  }

  /** What was taken off the shelf is still known, with nothing left of it. */
  @Transactional(readOnly = true)
  public Material material(UUID id) {
    Material material = material(row(id));
    return isGone(id) ? material.with(0, List.of()) : material;
  }

  /** Whether it was taken off the shelf. */
  @Transactional(readOnly = true)
  public boolean isGone(UUID id) {
    return materials.isGone(owner.name(), id);
  }

  /** Takes it off the shelf; tickets that name it keep it until they are planned anew. */
  public void remove(UUID id) {
    materials.remove(owner.name(), id);
  }

  /** Puts a material on the shelf, behind the others. */
  public void add(UUID id, Material material) {
    materials.insert(
        new MaterialRow(
            id, owner.name(), (int) materials.count(owner.name()), json.write(material), 1));
  }

  /** All that lies there. */
  @Transactional(readOnly = true)
  public List<Material> shelf() {
    return materials.page(owner.name(), SHELF, 0).stream().map(this::material).toList();
  }

  /** Makes or changes a material. The same request twice leaves what one left. */
  public MaterialView save(UUID id, MaterialForm form) {
    turns.take("material " + id);
    if (isGone(id)) {
      throw new NotFoundException("material", id);
    }
    Optional<MaterialRow> before = materials.find(owner.name(), id);
    if (before.isEmpty()) {
      add(id, form.material(media, List.of()));
      return view(row(id));
    }
    MaterialRow old = before.get();
    Material kept = material(old);
    Material now = form.material(media, kept.remnants());
    if (kept.equals(now) && old.version() == form.version() + 1) {
      return view(old);
    }
    MaterialRow row =
        new MaterialRow(id, owner.name(), old.position(), json.write(now), form.version() + 1);
    if (materials.update(row) == 0) {
      throw new StaleException(form.version(), old.version());
    }
    return view(row);
  }

  /** A remnant that goes back to the shelf, mm. */
  public record Kept(double width, double length) {}

  /**
   * What is taken off a material.
   *
   * @param left mm of its roll, or sheets; 0 where a remnant is taken
   * @param width of the remnant that is taken, mm; 0 where none is
   * @param kept what goes back of it
   */
  public record Taken(int left, double width, double length, List<Kept> kept) {
    public static Taken left(int left, List<Kept> kept) {
      return new Taken(left, 0, 0, kept);
    }

    public static Taken remnant(double width, double length, List<Kept> kept) {
      return new Taken(0, width, length, kept);
    }
  }

  /** Takes what was cut and puts back what is kept; refuses what is not there any more. */
  public void take(UUID id, List<Taken> all) {
    turns.take("material " + id);
    MaterialRow row = row(id);
    Material material = material(row);
    List<Remnant> remnants = new ArrayList<>(material.remnants());
    int left = material.leftMillimetres();
    for (Taken taken : all) {
      left -= taken.left();
      boolean there =
          taken.width() == 0
              || remnants.remove(
                  new Remnant(Millimetres.of(taken.width()), Millimetres.of(taken.length())));
      if (left < 0 || !there) {
        throw new RefusedException("layout", Sentence.of("lay.not-there", material.name()));
      }
      taken.kept().stream()
          .map(kept -> new Remnant(Millimetres.of(kept.width()), Millimetres.of(kept.length())))
          .forEach(remnants::add);
    }
    Material now = material.with(left, remnants);
    MaterialRow next =
        new MaterialRow(id, owner.name(), row.position(), json.write(now), row.version() + 1);
    if (materials.update(next) == 0) {
      throw new StaleException(row.version(), row.version() + 1);
    }
  }

  private MaterialRow row(UUID id) {
    return materials
        .find(owner.name(), id)
        .orElseThrow(() -> new NotFoundException("material", id));
  }

  private Material material(MaterialRow row) {
    return json.read(row.body(), Material.class);
  }

  private MaterialView view(MaterialRow row) {
    Material material = material(row);
    return new MaterialView(
        row.id(), new Term("medium." + material.medium()), material, row.version());
  }
}
