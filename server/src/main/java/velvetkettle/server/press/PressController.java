package velvetkettle.server.press;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import velvetkettle.server.Page;
import velvetkettle.server.press.PressService.PressView;
import velvetkettle.server.table.FileBody;

/** The shop's presses. */
@RestController
@RequestMapping("/api/presses")
public class PressController {
  private final PressService presses;
  private final MeasureComputing measuring;

  PressController(PressService presses, MeasureComputing measuring) {
    this.presses = presses;
    this.measuring = measuring;
  }

  @GetMapping
  public Page<PressView> page(
      @RequestParam(defaultValue = "0") @Min(0) @Max(100_000) int page,
      @RequestParam(defaultValue = "50") @Min(1) @Max(200) int size) {
    return presses.page(page, size);
  }

  /** Nothing happens where it is not there. */
  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  public void remove(@PathVariable UUID id) {
    presses.remove(id);
  }

  @PutMapping("/{id}")
  public PressView save(@PathVariable UUID id, @Valid @RequestBody PressForm form) {
    return presses.save(id, form);
  }

  /** A probe's trace out of a table; nothing is kept. */
  @FileBody
  @PostMapping(path = "/traces", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
  public List<MeasuringForm.Moment> trace(InputStream file) throws IOException {
    return TraceFile.read(file.readNBytes(TraceFile.LARGEST + 1));
  }

  /** What a measuring would say; nothing is kept. */
  @PostMapping("/{id}/measuring")
  public Measured measured(@PathVariable UUID id, @Valid @RequestBody MeasuringForm form) {
    return measuring.measured(id, form);
  }

  @PutMapping("/{id}/measuring")
  public PressView measure(@PathVariable UUID id, @Valid @RequestBody MeasuringForm form) {
    return measuring.measure(id, form);
  }
}
