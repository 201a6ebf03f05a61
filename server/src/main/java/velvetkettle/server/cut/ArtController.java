package velvetkettle.server.cut;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.io.InputStream;
import java.util.Arrays;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import velvetkettle.server.Page;
import velvetkettle.server.table.FileBody;

/** Drawings to cut. */
@RestController
@RequestMapping("/api/art")
public class ArtController {
  private final ArtService art;
  private final Drawings drawings;
  private final CutWorks works;

  ArtController(ArtService art, Drawings drawings, CutWorks works) {
    this.art = art;
    this.drawings = drawings;
    this.works = works;
  }

  @GetMapping
  public Page<ArtMapper.Named> page(
      @RequestParam(defaultValue = "0") @Min(0) @Max(100_000) int page,
      @RequestParam(defaultValue = "50") @Min(1) @Max(200) int size) {
    return art.page(page, size);
  }

  @GetMapping("/{id}")
  public ArtView view(@PathVariable UUID id) {
    return art.view(id);
  }

  /**
   * Reads an SVG file and keeps it; never more into memory than is allowed. Long work goes on
   * beside the requests, under the id of the drawing. The same file again is the same drawing.
   */
  @FileBody
  @PutMapping(path = "/{id}", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
  public CutWorks.CutWork keep(
      @PathVariable UUID id,
      @RequestParam(defaultValue = "drawing") @Size(max = 300) String name,
      InputStream file)
      throws IOException {
    byte[] bytes = file.readNBytes(ArtService.LARGEST + 1);
    Optional<ArtView> kept = art.kept(id, bytes);
    return kept.isPresent()
        ? CutWorks.CutWork.done(id, kept.get())
        : works.bring(
            id, Arrays.hashCode(bytes), progress -> drawings.bring(id, name, bytes, progress));
  }

  /**
   * Reads a drawing in another way, under the id of what that makes. A reading that is there is
   * answered, under its own.
   */
  @PutMapping("/{id}/again")
  public CutWorks.CutWork again(@PathVariable UUID id, @Valid @RequestBody ReadAsForm form) {
    return art.again(form.from(), form.as())
        .map(there -> CutWorks.CutWork.done(id, there))
        .orElseGet(() -> read(id, form));
  }

  private CutWorks.CutWork read(UUID id, ReadAsForm form) {
    ArtService.Source source = art.another(id, form.from(), form.as());
    return works.bring(id, form, progress -> drawings.again(id, source, progress));
  }
}
