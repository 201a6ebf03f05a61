package velvetkettle.server.plan;

import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;
import velvetkettle.core.media.MediaCatalogue;
import velvetkettle.core.plan.Decoration;
import velvetkettle.core.plan.Experience;
import velvetkettle.core.plan.JobRequest;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.server.cloth.GarmentForm;
import velvetkettle.server.press.PressService;
import velvetkettle.server.problem.RefusedException;
import velvetkettle.server.shelf.MaterialService;

/**
 * Makes core's request from what was typed, with copies of the press's calibration and the
 * materials' sheets as they are now.
 */
@Component
class JobRequests {
  private final PressService presses;
  private final MaterialService materials;
  private final Logbook logbook;

  JobRequests(PressService presses, MaterialService materials, Logbook logbook) {
    this.presses = presses;
    this.materials = materials;
    this.logbook = logbook;
  }

  JobRequest of(GarmentForm garment, List<DecorationForm> decorations, int pieces, UUID pressId) {
    return new JobRequest(
        garment.garment(),
        decorations.stream().map(this::decoration).toList(),
        pieces,
        presses.press(pressId),
        logbook.learnt());
  }

  private Decoration decoration(DecorationForm form) {
    UUID material = form.materialId();
    String medium = form.medium();
    if (medium != null && !MediaCatalogue.knows(medium)) {
      throw new RefusedException("decorations.medium", Sentence.of("plan.unknown-medium", medium));
    }
    return new Decoration(
        form.id(),
        form.artwork(),
        form.medium(),
        material == null ? null : materials.material(material));
  }

  /** Whether two requests ask for the same, whatever was learnt between them. */
  static boolean same(JobRequest a, JobRequest b) {
    return withoutExperience(a).equals(withoutExperience(b));
  }

  private static JobRequest withoutExperience(JobRequest request) {
    return new JobRequest(
        request.garment(),
        request.decorations(),
        request.pieces(),
        request.press(),
        Experience.NONE);
  }
}
