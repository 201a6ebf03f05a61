package velvetkettle.server.cut.sum;

import jakarta.validation.Valid;
import java.util.UUID;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The sums of the bench for one thing of a ticket. */
@RestController
@RequestMapping("/api/tickets/{id}/sums/{decoration}/{kind}")
public class SumController {
  private final SumComputing sums;

  SumController(SumComputing sums) {
    this.sums = sums;
  }

  /** What was kept of it; what is usual where nothing was typed yet. */
  @GetMapping
  public SumView sum(
      @PathVariable UUID id, @PathVariable String decoration, @PathVariable SumKind kind) {
    return sums.sum(id, decoration, kind);
  }

  @PutMapping
  public SumView keepSum(
      @PathVariable UUID id,
      @PathVariable String decoration,
      @PathVariable SumKind kind,
      @Valid @RequestBody SumForm form) {
    return sums.keep(id, decoration, kind, form);
  }

  /**
   * A drawing at true size, or the stones as a table.
   *
   * @param name page-1.svg, page-1.dxf, pages.pdf, a4.pdf, letter.pdf or stones.csv
   */
  @GetMapping("/files/{name}")
  public ResponseEntity<byte[]> sumFile(
      @PathVariable UUID id,
      @PathVariable String decoration,
      @PathVariable SumKind kind,
      @PathVariable String name) {
    SumFiles.SumFile file = sums.file(id, decoration, kind, name);
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + file.name() + "\"")
        .contentType(MediaType.parseMediaType(file.type()))
        .body(file.bytes());
  }
}
