package velvetkettle.server.log;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import velvetkettle.core.cloth.ClothKind;
import velvetkettle.core.quantity.Term;
import velvetkettle.server.Owner;
import velvetkettle.server.Page;
import velvetkettle.server.Turns;
import velvetkettle.server.cloth.ClothMapper;
import velvetkettle.server.cloth.ClothRow;
import velvetkettle.server.cloth.GarmentForm;
import velvetkettle.server.json.StoredJson;
import velvetkettle.server.problem.StaleException;

/** The cloths this shop knows, with what the log says of each medium on them. */
@Service
@Transactional
public class ClothMemoryService {
  private final ClothMapper cloths;
  private final OutcomeMapper outcomes;
  private final StoredJson json;
  private final Owner owner;
  private final Turns turns;

  ClothMemoryService(
      ClothMapper cloths, OutcomeMapper outcomes, StoredJson json, Owner owner, Turns turns) {
    this.turns = turns;
    this.cloths = cloths;
    this.outcomes = outcomes;
    this.json = json;
    this.owner = owner;
  }

  /** How a medium came out on a cloth of this kind. */
  public record Tried(Term medium, int good, int bad) {}

  public record KnownCloth(
      UUID id, String name, GarmentForm garment, List<Tried> tried, int version) {}

  /** Keeps a garment as a cloth of this shop, unless the very same one is known already. */
  public void remember(UUID id, GarmentForm form) {
    turns.take("cloths " + owner.name());
    cloths.remember(row(id, form, (int) cloths.count(owner.name()), 1));
  }

  /**
   * Keeps a new cloth, or changes one; answered with what the log says of it. The very same garment
   * is kept once, and the same request twice leaves what one left.
   */
  public KnownCloth save(UUID id, ClothForm form) {
    turns.take("cloths " + owner.name());
    Optional<ClothRow> before = cloths.find(owner.name(), id);
    if (before.isEmpty()) {
      remember(id, form.garment());
      return known(cloths.same(owner.name(), json.write(form.garment())).orElseThrow());
    }
    ClothRow old = before.get();
    boolean done = garment(old).equals(form.garment()) && old.version() == form.version() + 1;
    if (done) {
      return known(old);
    }
    ClothRow row = row(id, form.garment(), old.position(), form.version() + 1);
    if (cloths.update(row) == 0) {
      throw new StaleException(form.version(), old.version());
    }
    return known(row);
  }

  /** Forgets a cloth; what was logged on it stays in the log. */
  public void remove(UUID id) {
    cloths.remove(owner.name(), id);
  }

  private ClothRow row(UUID id, GarmentForm form, int position, int version) {
    // What cannot be read as a garment is not kept.
    form.garment();
    return new ClothRow(id, owner.name(), position, form.name(), json.write(form), version);
  }

  private GarmentForm garment(ClothRow cloth) {
    return json.read(cloth.garment(), GarmentForm.class);
  }

  private KnownCloth known(ClothRow cloth) {
    return known(cloth, outcomes.learnt(owner.name()));
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
    GarmentForm garment = garment(cloth);
    ClothKind kind = garment.garment().clothKind();
    List<Tried> tried =
        learnt.stream()
            .filter(c -> c.kind().equals(kind))
            .map(c -> new Tried(new Term("medium." + c.medium()), c.good(), c.bad()))
            .toList();
    return new KnownCloth(cloth.id(), cloth.name(), garment, tried, cloth.version());
  }
}
