package velvetkettle.server.practice;

import jakarta.validation.Valid;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import velvetkettle.core.practice.Practised;
import velvetkettle.server.plan.TrialForm;

/** Pressing for practice on a simulated press; nothing is stored. */
@RestController
@RequestMapping("/api/practice")
public class PracticeController {
  private final PracticeComputing practice;

  PracticeController(PracticeComputing practice) {
    this.practice = practice;
  }

  /** What there is to practise on, from what forgives most to what forgives least. */
  @GetMapping("/pieces")
  public List<PieceView> pieces() {
    return practice.pieces();
  }

  /** A thing of a ticket as something to practise on. */
  @PostMapping("/piece")
  public PieceView piece(@Valid @RequestBody TrialForm form) {
    return practice.piece(form);
  }

  /** Plays all that was done since the press was switched on, and tells where it stands. */
  @PostMapping
  public Practised play(@Valid @RequestBody PracticeForm form) {
    return practice.play(form);
  }
}
