package velvetkettle.core.cut.svg;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.locationtech.jts.geom.MultiPolygon;
import velvetkettle.core.cut.shape.Arrangement;
import velvetkettle.core.cut.shape.Crossings;
import velvetkettle.core.cut.shape.Grid;
import velvetkettle.core.cut.shape.WorkBudget;

/**
 * Coats that one sees through, as coats of the colours that are seen: wherever such a coat is the
 * uppermost, its colour is laid over those below it, group by group, as a picture of the drawing is
 * painted [SVG 1.1, sections 14.2 and 14.5: simple alpha compositing].
 */
final class SeeThrough {
  private final List<Coat> coats;
  private final int ground;
  private final WorkBudget budget;

  /** What was seen so far, and its number. */
  private final Map<Seen, Integer> numbers = new HashMap<>();

  private final List<Seen> seen = new ArrayList<>();

  private SeeThrough(List<Coat> coats, int ground, WorkBudget budget) {
    this.coats = coats;
    this.ground = ground;
    this.budget = budget;
  }

  /**
   * @param top the number of the uppermost coat
   * @param colour as 0xrrggbb
   */
  private record Seen(int top, int colour) {}

  /**
   * @param ground the colour below all, as 0xrrggbb
   * @throws Crossings.TooManyException where they cross more often than is taken apart
   * @throws WorkBudget.SpentException where that takes more than is left
   */
  static List<PaintedShape> flat(List<Coat> coats, int ground, WorkBudget budget) {
    if (coats.stream().allMatch(Coat::covers)) {
      return coats.stream().map(coat -> new PaintedShape(coat.colour(), coat.area())).toList();
    }
    return new SeeThrough(coats, ground, budget).flat();
  }

  private List<PaintedShape> flat() {
    Arrangement apart =
        Arrangement.of(
            coats.stream().map(Coat::area).toList(),
            this::told,
            Crossings.ofDrawing(budget),
            budget);
    List<MultiPolygon> areas = apart.areas(number -> number, seen.size());
    List<List<PaintedShape>> byTop = new ArrayList<>();
    coats.forEach(coat -> byTop.add(new ArrayList<>()));
    for (int i = 0; i < areas.size(); i++) {
      MultiPolygon area = areas.get(i);
      if (area.getArea() > Grid.RIM * area.getLength()) {
        String colour = String.format(Locale.ROOT, "#%06x", seen.get(i).colour);
        byTop.get(seen.get(i).top).add(new PaintedShape(colour, area));
      }
    }
    List<PaintedShape> flat = new ArrayList<>();
    for (int i = 0; i < coats.size(); i++) {
      Coat coat = coats.get(i);
      if (coat.covers()) {
        flat.add(new PaintedShape(coat.colour(), coat.area()));
      } else {
        flat.addAll(byTop.get(i));
      }
    }
    return flat;
  }

  /** The number of what is seen; below 0 where the uppermost coat covers, or there is none. */
  private int told(BitSet over) {
    int top = over.length() - 1;
    if (top < 0 || coats.get(top).covers()) {
      return -1;
    }
    Deque<Coat> upwards = new ArrayDeque<>();
    for (int i = top; i >= 0; i = over.previousSetBit(i - 1)) {
      budget.spend(1);
      upwards.push(coats.get(i));
      if (coats.get(i).covers()) {
        break;
      }
    }
    Seen now = new Seen(top, laid(upwards));
    Integer known = numbers.putIfAbsent(now, seen.size());
    if (known != null) {
      return known;
    }
    seen.add(now);
    return seen.size() - 1;
  }

  /** One coat over another, the lowest first, and groups over what is below them. */
  private int laid(Deque<Coat> upwards) {
    Deque<Coat.Veil> open = new ArrayDeque<>();
    Deque<Layer> layers = new ArrayDeque<>();
    layers.push(Layer.of(ground, 1));
    for (Coat coat : upwards) {
      int shared = 0;
      List<Coat.Veil> now = List.copyOf(open);
      while (shared < Math.min(now.size(), coat.veils().size())
          && now.get(now.size() - 1 - shared).equals(coat.veils().get(shared))) {
        shared++;
      }
      while (open.size() > shared) {
        close(open, layers);
      }
      for (Coat.Veil veil : coat.veils().subList(shared, coat.veils().size())) {
        open.push(veil);
        layers.push(Layer.CLEAR);
      }
      int colour = Integer.parseInt(coat.colour().substring(1), 16);
      layers.push(Layer.of(colour, coat.opacity()).over(layers.pop()));
    }
    while (!open.isEmpty()) {
      close(open, layers);
    }
    return layers.pop().colour();
  }

  private static void close(Deque<Coat.Veil> open, Deque<Layer> layers) {
    Layer group = layers.pop().veiled(open.pop().opacity());
    layers.push(group.over(layers.pop()));
  }

  /** Shares of red, green and blue times the opacity, and the opacity, each from 0 to 1. */
  private record Layer(double red, double green, double blue, double opacity) {
    static final Layer CLEAR = new Layer(0, 0, 0, 0);

    static Layer of(int colour, double opacity) {
      return new Layer(
          (colour >> 16) / 255.0 * opacity,
          (colour >> 8 & 255) / 255.0 * opacity,
          (colour & 255) / 255.0 * opacity,
          opacity);
    }

    Layer veiled(double by) {
      return new Layer(red * by, green * by, blue * by, opacity * by);
    }

    Layer over(Layer below) {
      double through = 1 - opacity;
      return new Layer(
          red + below.red * through,
          green + below.green * through,
          blue + below.blue * through,
          opacity + below.opacity * through);
    }

    int colour() {
      return (int) Math.round(red * 255) << 16
          | (int) Math.round(green * 255) << 8
          | (int) Math.round(blue * 255);
    }
  }
}
