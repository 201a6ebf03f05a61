package velvetkettle.server.cut;

import jakarta.validation.Valid;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.server.plan.TicketService;

/** How a ticket is cut. */
@RestController
@RequestMapping("/api")
public class CutController {
  private final CutService cuts;
  private final CutWorks works;
  private final DesignReader reader;
  private final CutLayouts layouts;
  private final TicketService tickets;
  private final CutComputing computing;
  private final CutCarriers carriers;

  CutController(
      CutService cuts,
      CutWorks works,
      DesignReader reader,
      CutLayouts layouts,
      TicketService tickets,
      CutComputing computing,
      CutCarriers carriers) {
    this.cuts = cuts;
    this.works = works;
    this.reader = reader;
    this.layouts = layouts;
    this.tickets = tickets;
    this.computing = computing;
    this.carriers = carriers;
  }

  @GetMapping("/tickets/{id}/cutting")
  public CutView cut(@PathVariable UUID id) {
    return cuts.cut(id);
  }

  @PutMapping("/tickets/{id}/cutting")
  public CutView save(@PathVariable UUID id, @Valid @RequestBody CutForm form) {
    return computing.save(id, form);
  }

  /** Reads what fails in a design that need not be kept. The same id twice is one work. */
  @PutMapping("/cutting/readings/{work}")
  public CutWorks.CutWork read(@PathVariable UUID work, @Valid @RequestBody CutForm.Design design) {
    return works.read(work, design, progress -> reader.read(design, progress));
  }

  /** Lays what was chosen for a ticket, and keeps where it lies. */
  @PutMapping("/tickets/{id}/cutting/layouts/{work}")
  public CutWorks.CutWork lay(@PathVariable UUID id, @PathVariable UUID work) {
    int pieces = tickets.ticket(id).pieces();
    CutForm form = cuts.cut(id).form();
    return works.lay(
        work, id, progress -> cuts.lay(id, form.version(), layouts.lay(form, pieces, progress)));
  }

  /** Carriers that would lie over one another on the garment, said one by one. */
  @GetMapping("/tickets/{id}/cutting/carriers")
  public List<Sentence> carriers(@PathVariable UUID id) {
    return carriers.told(id);
  }

  @GetMapping("/cutting/works/{work}")
  public CutWorks.CutWork progress(@PathVariable UUID work) {
    return works.progress(work);
  }

  @DeleteMapping("/cutting/works/{work}")
  public CutWorks.CutWork cancel(@PathVariable UUID work) {
    return works.cancel(work);
  }

  /** Letters set into a box, to be looked at. */
  @PostMapping("/cutting/letters")
  public LetterForm.Letters letters(@Valid @RequestBody LetterForm form) {
    return computing.letters(form);
  }

  @PutMapping("/tickets/{id}/cutting/pieces/{piece}")
  public CutView move(
      @PathVariable UUID id, @PathVariable String piece, @Valid @RequestBody MoveForm form) {
    return cuts.move(id, piece, form.mat(), form.x(), form.y(), form.turned(), form.version());
  }

  /** Takes what is cut off the shelf, and puts back what is kept. */
  @PutMapping("/tickets/{id}/cutting/taken")
  public CutView take(@PathVariable UUID id) {
    return cuts.take(id);
  }

  /**
   * A file for the cutter or the printer.
   *
   * @param name mat-1-1d3c6e.svg, page-1.svg, cut-line-1.svg, each of them also as .dxf, mats.pdf
   *     or pieces.csv
   */
  @GetMapping("/tickets/{id}/cutting/files/{name}")
  public ResponseEntity<byte[]> file(@PathVariable UUID id, @PathVariable String name) {
    CutFiles.CutFile file = computing.file(id, name);
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + file.name() + "\"")
        .contentType(MediaType.parseMediaType(file.type()))
        .body(file.bytes());
  }
}
