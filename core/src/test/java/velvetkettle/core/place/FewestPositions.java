package velvetkettle.core.place;

import java.util.ArrayList;
import java.util.List;
import org.ojalgo.optimisation.Expression;
import org.ojalgo.optimisation.ExpressionsBasedModel;
import org.ojalgo.optimisation.Optimisation;
import org.ojalgo.optimisation.Variable;
import velvetkettle.core.cloth.Area;

/**
 * An independent reference: every whole-millimetre place of the platen is a yes or no, every square
 * millimetre of the art is covered at least once, and a general solver of integer programmes counts
 * the fewest. Only for small whole numbers without overlap.
 */
final class FewestPositions {
  private FewestPositions() {}

  /** -1 where the art cannot be covered. */
  static int of(PressPositions.Task task) {
    List<Area> places = places(task);
    ExpressionsBasedModel model = new ExpressionsBasedModel();
    List<Variable> taken = new ArrayList<>();
    for (int i = 0; i < places.size(); i++) {
      taken.add(model.newVariable("p" + i).binary().weight(1));
    }
    for (Area art : task.art()) {
      for (int x = (int) art.x(); x < art.right(); x++) {
        for (int y = (int) art.y(); y < art.bottom(); y++) {
          Area square = new Area(x, y, 1, 1);
          Expression covered = model.newExpression("c" + x + "," + y + "," + art.x()).lower(1);
          boolean any = false;
          for (int i = 0; i < places.size(); i++) {
            if (places.get(i).contains(square)) {
              covered.set(taken.get(i), 1);
              any = true;
            }
          }
          if (!any) {
            return -1;
          }
        }
      }
    }
    Optimisation.Result result = model.minimise();
    if (!result.getState().isOptimal()) {
      throw new IllegalStateException("the reference did not finish: " + result.getState());
    }
    return (int) Math.round(result.getValue());
  }

  private static List<Area> places(PressPositions.Task task) {
    List<Area> places = new ArrayList<>();
    for (int x = -15; x <= 15; x++) {
      for (int y = -15; y <= 15; y++) {
        add(places, new Area(x, y, task.platenWidth(), task.platenDepth()), task);
        if (task.platenWidth() != task.platenDepth()) {
          add(places, new Area(x, y, task.platenDepth(), task.platenWidth()), task);
        }
      }
    }
    return places;
  }

  private static void add(List<Area> places, Area place, PressPositions.Task task) {
    boolean useful = task.art().stream().anyMatch(place::overlaps);
    boolean free = task.keepOuts().stream().noneMatch(place::overlaps);
    if (useful && free && (task.field() == null || task.field().contains(place))) {
      places.add(place);
    }
  }
}
