package velvetkettle.server.shelf;

import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import velvetkettle.core.quantity.Term;
import velvetkettle.core.shelf.Material;
import velvetkettle.server.Owner;
import velvetkettle.server.Page;
import velvetkettle.server.json.StoredJson;
import velvetkettle.server.problem.NotFoundException;

@Service
@Transactional
public class MaterialService {
  private final MaterialMapper materials;
  private final StoredJson json;
  private final Owner owner;

  MaterialService(MaterialMapper materials, StoredJson json, Owner owner) {
    this.materials = materials;
    this.json = json;
    this.owner = owner;
  }

  /** A material with the id under which tickets name it, and the name of its medium. */
  public record MaterialView(UUID id, Term mediumName, Material material) {}

  public Page<MaterialView> page(int page, int size) {
    List<MaterialView> items =
        materials.page(owner.name(), size, page * size).stream().map(this::view).toList();
    return new Page<>(items, page, size, materials.count(owner.name()));
  }

  public Material material(UUID id) {
    return materials
        .find(owner.name(), id)
        .map(row -> json.read(row.body(), Material.class))
        .orElseThrow(() -> new NotFoundException("material", id));
  }

  /** Puts a material on the shelf, behind the others. */
  public void add(UUID id, Material material) {
    materials.insert(
        new MaterialRow(
            id, owner.name(), (int) materials.count(owner.name()), json.write(material)));
  }

  private MaterialView view(MaterialRow row) {
    Material material = json.read(row.body(), Material.class);
    return new MaterialView(row.id(), new Term("medium." + material.medium()), material);
  }
}
