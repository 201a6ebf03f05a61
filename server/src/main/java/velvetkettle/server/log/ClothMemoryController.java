package velvetkettle.server.log;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import velvetkettle.core.quantity.Term;
import velvetkettle.server.Owner;
import velvetkettle.server.Page;
import velvetkettle.server.cloth.ClothMapper;
import velvetkettle.server.cloth.ClothRow;
import velvetkettle.server.cloth.GarmentForm;
import velvetkettle.server.json.StoredJson;

/** The cloths this shop knows, with what the log says of each medium on them. */
@RestController
@RequestMapping("/api/cloths")
public class ClothMemoryController {
  private final ClothMapper cloths;
  private final OutcomeMapper outcomes;
  private final StoredJson json;
  private final Owner owner;

  ClothMemoryController(ClothMapper cloths, OutcomeMapper outcomes, StoredJson json, Owner owner) {
    this.cloths = cloths;
    this.outcomes = outcomes;
    this.json = json;
    this.owner = owner;
  }

  /** How a medium came out on a cloth of this kind. */
  public record Tried(Term medium, int good, int bad) {}

  public record KnownCloth(UUID id, String name, GarmentForm garment, List<Tried> tried) {}

  @GetMapping
  public Page<KnownCloth> page(
      @RequestParam(defaultValue = "0") @Min(0) @Max(100_000) int page,
      @RequestParam(defaultValue = "50") @Min(1) @Max(200) int size) {
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
