package velvetkettle.server.shelf;

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
import velvetkettle.server.shelf.MaterialService.MaterialView;

/** What lies on the shelf. */
@RestController
@RequestMapping("/api/materials")
public class MaterialController {
  private final MaterialService materials;

  MaterialController(MaterialService materials) {
    this.materials = materials;
  }

  @GetMapping
  public Page<MaterialView> page(
      @RequestParam(defaultValue = "0") @Min(0) @Max(100_000) int page,
      @RequestParam(defaultValue = "100") @Min(1) @Max(200) int size) {
    return materials.page(page, size);
  }

  /** Nothing happens where it is not there. */
  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  public void remove(@PathVariable UUID id) {
    materials.remove(id);
  }

  @PutMapping("/{id}")
  public MaterialView save(@PathVariable UUID id, @Valid @RequestBody MaterialForm form) {
    return materials.save(id, form);
  }
}
