package velvetkettle.server.exchange;

import java.io.IOException;
import java.io.InputStream;
import java.util.UUID;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import velvetkettle.server.plan.TicketView;
import velvetkettle.server.table.FileBody;

/** Tickets that come and go as JSON files. */
@RestController
@RequestMapping("/api/tickets/{id}/file")
public class TicketFileController {
  private final TicketFileService files;

  TicketFileController(TicketFileService files) {
    this.files = files;
  }

  @GetMapping(produces = MediaType.APPLICATION_JSON_VALUE)
  public ResponseEntity<byte[]> write(@PathVariable UUID id) {
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"ticket.json\"")
        .contentType(MediaType.APPLICATION_JSON)
        .body(files.write(id));
  }

  /** Makes a new ticket with that id of a file. */
  @FileBody
  @PutMapping(consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
  public TicketView read(@PathVariable UUID id, InputStream file) throws IOException {
    return files.read(id, file.readNBytes(TicketFileService.LARGEST + 1));
  }
}
