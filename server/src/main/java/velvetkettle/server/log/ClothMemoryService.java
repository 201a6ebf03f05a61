package velvetkettle.server.log;

import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.quantity.Term;
import velvetkettle.server.Owner;
import velvetkettle.server.Page;
import velvetkettle.server.cloth.ClothMapper;
import velvetkettle.server.cloth.ClothRow;
import velvetkettle.server.cloth.GarmentForm;
import velvetkettle.server.json.StoredJson;

/** The cloths this shop knows, with what the log says of each medium on them. */
@Service
@Transactional
public class ClothMemoryService {
  private final ClothMapper cloths;
  private final OutcomeMapper outcomes;
  private final StoredJson json;
  private final Owner owner;

  ClothMemoryService(ClothMapper cloths, OutcomeMapper outcomes, StoredJson json, Owner owner) {
    this.cloths = cloths;
    this.outcomes = outcomes;
    this.json = json;
    this.owner = owner;
  }

  /** How a medium came out on a cloth of this kind. */
  public record Tried(Term medium, int good, int bad) {}

  public record KnownCloth(UUID id, String name, GarmentForm garment, List<Tried> tried) {}

  /** Keeps a garment as a cloth of this shop, unless the very same one is known already. */
  public void remember(UUID id, GarmentForm form) {
    Garment garment = form.garment();
    cloths.remember(
        new ClothRow(
            id,
            owner.name(),
            (int) cloths.count(owner.name()),
            form.name(),
            garment.fabric().name(),
            garment.blend().mainFibre().name(),
            json.write(form)));
  }

  /** The same, answered with what the log says of it. The very same garment is kept once. */
  public KnownCloth keep(UUID id, GarmentForm form) {
    remember(id, form);
    ClothRow row = cloths.find(owner.name(), json.write(form)).orElseThrow();
    return known(row, outcomes.learnt(owner.name()));
  }

  @Transactional(readOnly = true)
  public Page<KnownCloth> page(int page, int size) {
    List<OutcomeMapper.Count> learnt = outcomes.learnt(owner.name());
    List<KnownCloth> items =
        cloths.page(owner.name(), size, page * size).stream()
            .map(cloth -> known(cloth, learnt))
            .toList();
    return new Page<>(items, page, size, cloths.count(owner.name()));
  }

  private KnownCloth known(ClothRow cloth, List<OutcomeMapper.Count> learnt) {
    List<Tried> tried =
        learnt.stream()
            .filter(
                c ->
                    c.fabric().name().equals(cloth.fabric())
                        && c.mainFibre().name().equals(cloth.mainFibre()))
            .map(c -> new Tried(new Term("medium." + c.medium()), c.good(), c.bad()))
            .toList();
    return new KnownCloth(
        cloth.id(), cloth.name(), json.read(cloth.garment(), GarmentForm.class), tried);
  }
}
