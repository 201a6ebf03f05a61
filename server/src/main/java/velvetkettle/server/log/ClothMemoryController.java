package velvetkettle.server.log;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import velvetkettle.server.Page;
import velvetkettle.server.log.ClothMemoryService.KnownCloth;

/** Cloth memory. */
@RestController
@RequestMapping("/api/cloths")
public class ClothMemoryController {
  private final ClothMemoryService memory;

  ClothMemoryController(ClothMemoryService memory) {
    this.memory = memory;
  }

  @GetMapping
  public Page<KnownCloth> page(
      @RequestParam(defaultValue = "0") @Min(0) @Max(100_000) int page,
      @RequestParam(defaultValue = "50") @Min(1) @Max(200) int size) {
    return memory.page(page, size);
  }

  /** Keeps a garment as one the shop presses often, or changes one. */
  @PutMapping("/{id}")
  public KnownCloth save(@PathVariable UUID id, @Valid @RequestBody ClothForm form) {
    return memory.save(id, form);
  }

  /** Nothing happens where it is not there. */
  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  public void remove(@PathVariable UUID id) {
    memory.remove(id);
  }
}
