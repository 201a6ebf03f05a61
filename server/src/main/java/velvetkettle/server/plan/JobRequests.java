package velvetkettle.server.plan;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.IntStream;
import org.springframework.stereotype.Component;
import velvetkettle.core.media.MediaCatalogue;
import velvetkettle.core.plan.job.Decoration;
import velvetkettle.core.plan.job.Experience;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.plan.job.Shop;
import velvetkettle.core.plan.job.Stock;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.core.shelf.Material;
import velvetkettle.server.cloth.GarmentForm;
import velvetkettle.server.press.PressService;
import velvetkettle.server.press.WorkroomService;
import velvetkettle.server.problem.RefusedException;
import velvetkettle.server.shelf.MaterialService;

/**
 * Makes core's request from what was typed, with copies of the press's calibration and the
 * materials' sheets as they are now.
 */
@Component
class JobRequests {
  private final PressService presses;
  private final WorkroomService rooms;
  private final MaterialService materials;
  private final SchoolsService schools;
  private final Logbook logbook;
  private final MediaCatalogue media;

  JobRequests(
      PressService presses,
      WorkroomService rooms,
      MaterialService materials,
      SchoolsService schools,
      Logbook logbook,
      MediaCatalogue media) {
    this.media = media;
    this.presses = presses;
    this.rooms = rooms;
    this.materials = materials;
    this.schools = schools;
    this.logbook = logbook;
  }

  JobRequest of(GarmentForm garment, List<DecorationForm> decorations, int pieces, UUID pressId) {
    refuseImpossibleLayers(decorations);
    return new JobRequest(
        garment.garment(),
        IntStream.range(0, decorations.size())
            .mapToObj(n -> decoration(decorations.get(n), "decorations[" + n + "]"))
            .toList(),
        pieces,
        presses.press(pressId),
        rooms.workroom(),
        shop(),
        logbook.learnt());
  }

  /** Refuses a press or a material that was taken away since the ticket named it. */
  void refuseGone(UUID pressId, List<DecorationForm> decorations) {
    Optional<Sentence> gone = pressGone(pressId);
    if (gone.isPresent()) {
      throw new RefusedException("pressId", gone.get());
    }
    for (int i = 0; i < decorations.size(); i++) {
      UUID material = decorations.get(i).materialId();
      if (material != null && materials.isGone(material)) {
        throw new RefusedException(
            "decorations[" + i + "].materialId",
            Sentence.of("material.gone", materials.material(material).name()));
      }
    }
  }

  /** What lies over another lies over one of this garment, and in the end on the cloth. */
  private static void refuseImpossibleLayers(List<DecorationForm> decorations) {
    Map<String, String> below = new HashMap<>();
    Set<String> ids = new HashSet<>();
    for (DecorationForm decoration : decorations) {
      ids.add(decoration.id());
      if (decoration.over() != null) {
        below.put(decoration.id(), decoration.over());
      }
    }
    for (int i = 0; i < decorations.size(); i++) {
      DecorationForm decoration = decorations.get(i);
      String at = decoration.over();
      for (int depth = 0; at != null; depth++) {
        if (!ids.contains(at) || depth >= decorations.size()) {
          throw new RefusedException(
              "decorations[" + i + "].over",
              Sentence.of("plan.impossible-layers", decoration.description()));
        }
        at = below.get(at);
      }
    }
  }

  /** That the press is no longer in the drawer; empty where it is. */
  Optional<Sentence> pressGone(UUID pressId) {
    return presses.isGone(pressId)
        ? Optional.of(Sentence.of("press.gone", presses.press(pressId).name()))
        : Optional.empty();
  }

  private Shop shop() {
    List<Stock> shelf =
        materials.shelf().stream()
            .filter(Material::isAtHand)
            .map(material -> new Stock(material.medium(), material.colour(), material.depth()))
            .toList();
    return new Shop(presses.drawer(), shelf, schools.kept());
  }

  private Decoration decoration(DecorationForm form, String path) {
    UUID material = form.materialId();
    String medium = form.medium();
    if (medium != null && !media.knows(medium)) {
      throw new RefusedException("decorations.medium", Sentence.of("plan.unknown-medium", medium));
    }
    return new Decoration(
        form.id(),
        form.artwork(path),
        form.medium(),
        material == null ? null : materials.material(material),
        form.over(),
        form.spot() == null ? null : form.spot().spot(),
        form.own() == null ? null : form.own().own());
  }

  /**
   * Whether two requests ask for the same, whatever was learnt, bought or cut between them and
   * whatever the weather is: a recipe does not grow old because the room got damper, nor because
   * its own film was taken off the shelf.
   */
  static boolean same(JobRequest a, JobRequest b) {
    return ofTheMaker(a).equals(ofTheMaker(b));
  }

  private static JobRequest ofTheMaker(JobRequest request) {
    return new JobRequest(
        request.garment(),
        request.decorations().stream().map(JobRequests::ofTheMaker).toList(),
        request.pieces(),
        request.press(),
        null,
        Shop.BARE,
        Experience.NONE);
  }

  private static Decoration ofTheMaker(Decoration decoration) {
    Material material = decoration.material();
    return new Decoration(
        decoration.id(),
        decoration.artwork(),
        decoration.medium(),
        material == null ? null : material.alone(),
        decoration.over(),
        decoration.spot(),
        decoration.own());
  }
}
