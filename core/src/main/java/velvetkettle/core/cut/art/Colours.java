package velvetkettle.core.cut.art;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import velvetkettle.core.colour.Lab;
import velvetkettle.core.cut.svg.PaintedShape;
import velvetkettle.core.cut.svg.SvgDrawing;

/** The colours of a drawing, and which of them hardly differ. */
public final class Colours {
  /** Nearer ones nobody keeps two rolls for [engineering estimate]. */
  private static final double NEAR = 8;

  private Colours() {}

  /** Each once, the one with the most area first. */
  public static List<String> of(SvgDrawing drawing) {
    Map<String, Double> areas =
        drawing.shapes().stream()
            .collect(
                Collectors.groupingBy(
                    PaintedShape::colour,
                    LinkedHashMap::new,
                    Collectors.summingDouble(shape -> shape.area().getArea())));
    return areas.entrySet().stream()
        .sorted(Map.Entry.<String, Double>comparingByValue(Comparator.reverseOrder()))
        .map(Map.Entry::getKey)
        .toList();
  }

  /**
   * To each colour that hardly differs from one before it, that one.
   *
   * @param colours as #rrggbb, the most important first
   */
  public static Map<String, String> near(List<String> colours) {
    Map<String, String> near = new LinkedHashMap<>();
    for (int i = 1; i < colours.size(); i++) {
      Lab shade = Lab.of(colours.get(i));
      for (int j = 0; j < i; j++) {
        if (!near.containsKey(colours.get(j)) && shade.from(Lab.of(colours.get(j))) < NEAR) {
          near.put(colours.get(i), colours.get(j));
          break;
        }
      }
    }
    return near;
  }
}
