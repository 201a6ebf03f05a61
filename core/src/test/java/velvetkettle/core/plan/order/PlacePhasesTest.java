package velvetkettle.core.plan.order;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import velvetkettle.core.art.ArtKind;
import velvetkettle.core.art.ArtSize;
import velvetkettle.core.art.Artwork;
import velvetkettle.core.art.Placement;
import velvetkettle.core.art.Surface;
import velvetkettle.core.art.Tones;
import velvetkettle.core.cloth.Area;
import velvetkettle.core.cloth.Depth;
import velvetkettle.core.cloth.GarmentFace;
import velvetkettle.core.heat.phase.WorkPhase;
import velvetkettle.core.media.MediaCatalogue;
import velvetkettle.core.place.Spot;
import velvetkettle.core.plan.Jobs;
import velvetkettle.core.plan.Plan;
import velvetkettle.core.plan.job.Decoration;
import velvetkettle.core.plan.job.Experience;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.plan.order.OrderOfWork.Chosen;
import velvetkettle.core.press.LayerKind;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.work.Act;

/** What heat is told of one place while the tool goes over the whole of the work. */
class PlacePhasesTest {
  private static Decoration film(String id, double width, double across, String over) {
    return new Decoration(
        id,
        new Artwork(
            id,
            ArtKind.LETTERING,
            new ArtSize(Millimetres.of(width), Millimetres.of(80)),
            new Tones(1, Depth.WHITE),
            Placement.CHEST,
            Surface.ANY),
        "film-smooth",
        null,
        over,
        new Spot(GarmentFace.FRONT, across, 80),
        null);
  }

  private static List<WorkPhase> phases(JobRequest job, int thing, Area place) {
    Plan plan = Jobs.planner().plan(job);
    List<Chosen> all =
        job.decorations().stream()
            .map(
                decoration ->
                    Chosen.of(
                        job,
                        MediaCatalogue.TRADE,
                        decoration,
                        plan.decorations().get(job.decorations().indexOf(decoration))))
            .toList();
    List<Act> acts = plan.steps().stream().flatMap(step -> step.acts().stream()).toList();
    Chosen one = all.get(thing);
    return PlacePhases.of(
            job.garment(), acts, all, one, place == null ? PlacePhases.first(one) : place)
        .phases();
  }

  private static JobRequest job(Decoration... things) {
    return new JobRequest(
        Jobs.whiteBandTee(),
        List.of(things),
        1,
        Jobs.BIG_PRESS,
        null,
        Jobs.SMALL_SHOP,
        Experience.NONE);
  }

  private static long closed(List<WorkPhase> phases) {
    return phases.stream().filter(WorkPhase.Closed.class::isInstance).count();
  }

  @Test
  @DisplayName("where two positions overlap both closings come down; elsewhere one, the other open")
  void overlap() {
    JobRequest wide = job(film("a", 600, 0, null));
    Plan plan = Jobs.planner().plan(wide);
    List<Area> positions = plan.together().placed().get(0).placing().positions();
    assertThat(positions).hasSize(2);
    List<WorkPhase> once = phases(wide, 0, null);
    Area both = positions.get(0).common(positions.get(1));
    List<WorkPhase> twice = phases(wide, 0, both);
    assertThat(closed(twice)).isEqualTo(2 * closed(once));
    assertThat(twice.stream().filter(p -> p instanceof WorkPhase.Closed c && c.bonds()).count())
        .as("main press twice")
        .isEqualTo(2);
    double whole = twice.stream().mapToDouble(phase -> phase.time().count()).sum();
    double first = once.stream().mapToDouble(phase -> phase.time().count()).sum();
    assertThat(first).as("it lies open while the tool is beside it").isEqualTo(whole);
  }

  @Test
  @DisplayName("what lies there meets the later press under its sheet, its carrier off")
  void laterPress() {
    JobRequest two = job(film("a", 100, -60, null), film("b", 100, 60, null));
    List<WorkPhase> first = phases(two, 0, null);
    WorkPhase.Closed last =
        (WorkPhase.Closed)
            first.stream()
                .filter(WorkPhase.Closed.class::isInstance)
                .reduce((one, other) -> other)
                .orElseThrow();
    List<LayerKind> layers = last.stack().layers().stream().map(layer -> layer.kind()).toList();
    assertThat(layers).doesNotContain(LayerKind.CARRIER).contains(LayerKind.FILM, LayerKind.COVER);
    assertThat(last.role()).isEqualTo(WorkPhase.Role.NONE);
    assertThat(closed(first))
        .isGreaterThan(closed(phases(job(film("a", 100, -60, null)), 0, null)));
  }

  @Test
  @DisplayName("a lower layer bonds under the press of the upper one, if that reaches all of it")
  void lowerLayer() {
    JobRequest layered = job(film("a", 200, 0, null), film("b", 80, 0, "a"));
    List<WorkPhase> lower = phases(layered, 0, null);
    assertThat(lower)
        .filteredOn(phase -> phase instanceof WorkPhase.Closed c && c.bonds())
        .isNotEmpty();
    Plan plan = Jobs.planner().plan(layered);
    assertThat(plan.steps().stream().flatMap(step -> step.acts().stream()).toList())
        .as("the bare lower film is covered where the upper does not lie")
        .hasAtLeastOneElementOfType(Act.Cover.class);
  }
}
