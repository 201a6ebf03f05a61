package velvetkettle.core.cut.svg;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import velvetkettle.core.colour.Lab;

/**
 * The one colour of each gradient: film and stones have one colour. A stop counts as far as it
 * reaches along the gradient [linear between stops, as SVG 1.1 draws them, section 13.2].
 */
final class Gradients {
  private static final Set<String> KINDS = Set.of("linearGradient", "radialGradient");

  /** A gradient takes its stops from another one, which may do so again. */
  private static final int DEEPEST = 8;

  private static final int MOST_STOPS = 256;

  private final SvgTree tree;
  private final StyleSheet sheet;
  private final GradientColour wanted;
  private final Map<String, Paint> known = new HashMap<>();

  Gradients(SvgTree tree, StyleSheet sheet, GradientColour wanted) {
    this.tree = tree;
    this.sheet = sheet;
    this.wanted = wanted;
  }

  /**
   * @param at from 0 to 1
   * @param opacity from 0 to 1
   */
  private record Stop(double at, double red, double green, double blue, double opacity) {
    double lightness() {
      return Lab.of(hex(red, green, blue)).lightness();
    }
  }

  /** All of it as one paint; none where there is no such gradient, or nothing of it is seen. */
  Paint flat(String id) {
    return known.computeIfAbsent(id, named -> flat(stops(named, 0)));
  }

  private Paint flat(List<Stop> stops) {
    Paint mean = mean(stops);
    Comparator<Stop> byLightness = Comparator.comparingDouble(Stop::lightness);
    if (mean.colour() == null || wanted == GradientColour.MEAN) {
      return mean;
    }
    Stop stop =
        stops.stream()
            .filter(each -> each.opacity() > 0)
            .max(wanted == GradientColour.LIGHTEST ? byLightness : byLightness.reversed())
            .orElseThrow();
    return new Paint(hex(stop.red(), stop.green(), stop.blue()), null, mean.opacity());
  }

  private static String hex(double red, double green, double blue) {
    return String.format(
        Locale.ROOT, "#%02x%02x%02x", Math.round(red), Math.round(green), Math.round(blue));
  }

  private List<Stop> stops(String id, int depth) {
    SvgElement gradient = tree.ids().get(id);
    if (gradient == null || !KINDS.contains(gradient.name()) || depth > DEEPEST) {
      return List.of();
    }
    List<Stop> stops = new ArrayList<>();
    for (SvgElement child : gradient.children()) {
      if (child.name().equals("stop") && stops.size() < MOST_STOPS) {
        stops.add(stop(child));
      }
    }
    String from = gradient.href();
    return stops.isEmpty() && from != null ? stops(from, depth + 1) : stops;
  }

  private Stop stop(SvgElement element) {
    Map<String, String> says = new HashMap<>(element.attributes());
    says.putAll(sheet.of(element));
    says.putAll(StyleSheet.declarations(element.attribute("style")));
    String colour = Paint.colour(says.getOrDefault("stop-color", "black"));
    double opacity = colour == null ? 0 : bounded(Lengths.read(says.get("stop-opacity"), 1, 1));
    int rgb = colour == null ? 0 : Integer.parseInt(colour.substring(1), 16);
    return new Stop(
        bounded(Lengths.read(says.get("offset"), 1, 0)),
        rgb >> 16,
        rgb >> 8 & 255,
        rgb & 255,
        opacity);
  }

  private static double bounded(double share) {
    return Math.max(0, Math.min(1, share));
  }

  /** Each stop weighs half of the ways to its neighbours, the outer ones what lies beyond too. */
  private static Paint mean(List<Stop> stops) {
    List<Stop> sorted = stops.stream().sorted(Comparator.comparingDouble(Stop::at)).toList();
    double[] sum = new double[3];
    double all = 0;
    double weights = 0;
    for (int i = 0; i < sorted.size(); i++) {
      Stop stop = sorted.get(i);
      double before = i == 0 ? stop.at() : (stop.at() - sorted.get(i - 1).at()) / 2;
      double after =
          i == sorted.size() - 1 ? 1 - stop.at() : (sorted.get(i + 1).at() - stop.at()) / 2;
      double weight = (before + after) * stop.opacity();
      sum[0] += weight * stop.red();
      sum[1] += weight * stop.green();
      sum[2] += weight * stop.blue();
      all += weight;
      weights += before + after;
    }
    if (all <= 0) {
      return Paint.NONE;
    }
    return new Paint(hex(sum[0] / all, sum[1] / all, sum[2] / all), null, all / weights);
  }
}
