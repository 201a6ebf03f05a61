package velvetkettle.server.proof;

import java.util.UUID;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Proofs to show to customers. */
@RestController
@RequestMapping("/api/tickets/{id}/proof.pdf")
public class ProofController {
  private final ProofComputing proofs;

  ProofController(ProofComputing proofs) {
    this.proofs = proofs;
  }

  @GetMapping(produces = MediaType.APPLICATION_PDF_VALUE)
  public ResponseEntity<byte[]> proof(@PathVariable UUID id) {
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"proof.pdf\"")
        .contentType(MediaType.APPLICATION_PDF)
        .body(proofs.pdf(id));
  }
}
