package velvetkettle.core.heat.story;

import java.util.List;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.heat.phase.Cooling;
import velvetkettle.core.press.LayerKind;
import velvetkettle.core.quantity.Kelvin;
import velvetkettle.core.quantity.Sentence;

/**
 * What happens in the Stack from the first closing to the piece on the table, for looking at.
 *
 * @param seconds the moments of all curves, rising from 0
 * @param stretches what is being done, one after the other
 * @param layers the faces of every layer that ever lies there
 * @param platen the heated platen while it is closed
 * @param glueLine where the bond is made, or the print goes over
 * @param events what happens on the way, in their order
 * @param limits lines that the cloth should stay below
 * @param peel when it can be peeled; null where there is nothing to peel
 * @param doses what it all came to, one sentence each
 * @param giveOrTake how far the glue line may be off
 */
public record HeatStory(
    List<Double> seconds,
    List<Stretch> stretches,
    List<LayerTrack> layers,
    List<Curve> platen,
    List<Curve> glueLine,
    List<Event> events,
    List<Limit> limits,
    @Nullable PeelMoment peel,
    List<Sentence> doses,
    Kelvin giveOrTake) {
  public HeatStory {
    seconds = List.copyOf(seconds);
    stretches = List.copyOf(stretches);
    layers = List.copyOf(layers);
    platen = List.copyOf(platen);
    glueLine = List.copyOf(glueLine);
    events = List.copyOf(events);
    limits = List.copyOf(limits);
    doses = List.copyOf(doses);
  }

  /**
   * One phase of the work.
   *
   * @param main whether it is the press that the recipe is about
   */
  public record Stretch(Sentence name, boolean closed, boolean main, double from, double to) {}

  /**
   * Temperatures at consecutive moments.
   *
   * @param from index into the story's moments of the first one
   * @param celsius to a tenth
   */
  public record Curve(int from, List<Double> celsius) {
    public Curve {
      celsius = List.copyOf(celsius);
    }
  }

  /** A layer's two faces; several curves where it was away in between. */
  public record LayerTrack(LayerKind kind, Sentence name, List<Curve> upper, List<Curve> lower) {
    public LayerTrack {
      upper = List.copyOf(upper);
      lower = List.copyOf(lower);
    }
  }

  /** Something that happens at the glue line. */
  public record Event(Sentence what, double at, double celsius) {}

  /** A temperature that a fibre minds. */
  public record Limit(Sentence what, double celsius) {}

  /** When it can be peeled, where it stays on the pad and where it is moved to a table. */
  public record PeelMoment(Cooling onPad, Cooling onTable) {}
}
