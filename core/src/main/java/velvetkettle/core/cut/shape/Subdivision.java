package velvetkettle.core.cut.shape;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.IntUnaryOperator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.index.intervalrtree.SortedPackedIntervalRTree;

/**
 * The parts of the plane between the rings of several areas, and what each of them is told to be.
 * Every edge is there once, with the areas that begin or end at it, and has two sides; the sides
 * that follow one another round a part are a loop. What lies over a loop is told from its
 * neighbour: who steps over an edge enters and leaves its areas. Takes time as there are edges.
 */
final class Subdivision {
  /** Told of nothing. */
  static final int NOTHING = -1;

  /** What a part of the plane is, by the areas that lie over it. */
  interface Telling {
    /**
     * @param over the numbers of the areas; not to be kept
     * @return 0 or more, or {@link #NOTHING}
     */
    int of(BitSet over);
  }

  /** Steps for an edge: to find its place among those that meet it, and to walk along it twice. */
  private static final int EDGE = 30;

  private final HotPixels pixels;
  private final FillRule rule;
  private final WorkBudget budget;

  /** Of each edge: the pixels it leads through. */
  private final List<int[]> ways = new ArrayList<>();

  /** Of each edge: an area and how much more often its rings wind round the left side, in turn. */
  private final List<int[]> steps = new ArrayList<>();

  /** Of each side, that is twice the edge and one more for the way back: the one after it. */
  private final int[] next;

  /** Of each side: the loop that it is in, at its left. */
  private final int[] loop;

  private final int loops;

  /** Of each edge: the first of those that hang together with it. */
  private final Groups together;

  /** Of each loop: what it is told to be. */
  private final int[] told;

  private final int areaCount;

  /**
   * @param rings closed lines
   * @param areas of each ring: the number of its area
   * @param rule how windings fill the areas
   * @throws Crossings.TooManyException where they cross more often than is taken apart
   * @throws WorkBudget.SpentException where that takes more than is left
   */
  Subdivision(
      List<Coordinate[]> rings,
      int[] areas,
      FillRule rule,
      Telling telling,
      Crossings crossings,
      WorkBudget budget) {
    this.rule = rule;
    this.budget = budget;
    SnapRounding.Noded noded = SnapRounding.of(rings, crossings, budget);
    pixels = noded.pixels();
    edges(noded.parts(), areas);
    budget.spend((long) EDGE * ways.size());
    next = new int[2 * ways.size()];
    loop = new int[next.length];
    together = new Groups(ways.size());
    join();
    loops = loops();
    told = new int[loops];
    areaCount = Arrays.stream(areas).max().orElse(0) + 1;
    tell(telling);
  }

  /** Two parts along the same pixels are one edge; it is known by where it begins and goes. */
  private void edges(List<SnapRounding.Part> parts, int[] areas) {
    Map<Long, Integer> known = new HashMap<>();
    for (SnapRounding.Part part : parts) {
      int[] way = part.way();
      int last = way.length - 1;
      Integer edge = known.get(beginning(way[0], way[1]));
      int winding = 1;
      if (edge == null) {
        edge = ways.size();
        known.put(beginning(way[0], way[1]), edge);
        known.put(beginning(way[last], way[last - 1]), edge);
        ways.add(way);
        steps.add(new int[0]);
      } else if (ways.get(edge)[0] != way[0] || ways.get(edge)[1] != way[1]) {
        winding = -1;
      }
      step(edge, areas[part.line()], winding);
    }
  }

  private static Long beginning(int from, int to) {
    return (long) from << 32 | to;
  }

  private void step(int edge, int area, int winding) {
    int[] all = steps.get(edge);
    for (int i = 0; i < all.length; i += 2) {
      if (all[i] == area) {
        all[i + 1] += winding;
        return;
      }
    }
    int[] more = Arrays.copyOf(all, all.length + 2);
    more[all.length] = area;
    more[all.length + 1] = winding;
    steps.set(edge, more);
  }

  private int from(int side) {
    int[] way = ways.get(side >> 1);
    return way[(side & 1) == 0 ? 0 : way.length - 1];
  }

  /** The pixel after the one where a side begins. */
  private int towards(int side) {
    int[] way = ways.get(side >> 1);
    return way[(side & 1) == 0 ? 1 : way.length - 2];
  }

  private static int back(int side) {
    return side ^ 1;
  }

  /** At each pixel where edges meet: what arrives goes on with the next to its left hand. */
  private void join() {
    Map<Integer, List<Integer>> leaving = new HashMap<>();
    for (int side = 0; side < next.length; side++) {
      leaving.computeIfAbsent(from(side), any -> new ArrayList<>(4)).add(side);
    }
    for (List<Integer> sides : leaving.values()) {
      sides.sort((one, other) -> pixels.turn(from(one), towards(one), towards(other)));
      int before = sides.get(sides.size() - 1);
      for (int side : sides) {
        next[back(side)] = before;
        before = side;
        together.join(sides.get(0) >> 1, side >> 1);
      }
    }
  }

  private int loops() {
    Arrays.fill(loop, NOTHING);
    int count = 0;
    for (int first = 0; first < loop.length; first++) {
      if (loop[first] == NOTHING) {
        int side = first;
        do {
          loop[side] = count;
          side = next[side];
        } while (side != first);
        count++;
      }
    }
    return count;
  }

  /** Of each group of edges that hang together, by its first: a side of the loop round it. */
  private int[] outermost() {
    int[] outer = new int[ways.size()];
    int[] here = new int[ways.size()];
    int[] there = new int[ways.size()];
    Arrays.fill(outer, NOTHING);
    for (int edge = 0; edge < ways.size(); edge++) {
      int group = together.first(edge);
      int[] way = ways.get(edge);
      for (int i = 1; i < way.length; i++) {
        for (int back = 0; back < 2; back++) {
          int from = way[i - 1 + back];
          int to = way[i - back];
          // From the leftmost pixel, whatever lies at the left of the steepest way up is outside.
          if (outer[group] == NOTHING
              || pixels.isLefter(from, here[group])
              || from == here[group] && pixels.turn(from, to, there[group]) > 0) {
            outer[group] = 2 * edge + back;
            here[group] = from;
            there[group] = to;
          }
        }
      }
    }
    return outer;
  }

  /** Each group of edges from its outer loop inwards. */
  private void tell(Telling telling) {
    int[] outer = outermost();
    Around around = null;
    boolean alone = Arrays.stream(outer).filter(side -> side != NOTHING).count() == 1;
    Walk walk = new Walk(telling);
    for (int group = 0; group < outer.length; group++) {
      if (outer[group] != NOTHING) {
        walk.nothing();
        if (!alone) {
          around = around == null ? new Around() : around;
          around.count(leftmost(outer[group]), group, walk);
        }
        walk.from(loop[outer[group]]);
      }
    }
  }

  private int leftmost(int side) {
    int leftmost = from(side);
    for (int pixel : ways.get(side >> 1)) {
      leftmost = pixels.isLefter(pixel, leftmost) ? pixel : leftmost;
    }
    return leftmost;
  }

  /** What lies over the place where a walk from loop to loop is. */
  private final class Walk {
    private final Telling telling;
    private final boolean[] known = new boolean[loops];
    private final int[] windings;
    private final BitSet over = new BitSet();

    /** Sides by their loops, and where those of each loop begin. */
    private final int[] sides = new int[loop.length];

    private final int[] first = new int[loops + 1];

    Walk(Telling telling) {
      this.telling = telling;
      this.windings = new int[areaCount];
      for (int at : loop) {
        first[at + 1]++;
      }
      for (int at = 0; at < loops; at++) {
        first[at + 1] += first[at];
      }
      int[] free = first.clone();
      for (int side = 0; side < loop.length; side++) {
        sides[free[loop[side]]++] = side;
      }
    }

    void nothing() {
      Arrays.fill(windings, 0);
      over.clear();
    }

    /** Over an edge, more or less often wound round. */
    void step(int edge, int times) {
      int[] all = steps.get(edge);
      for (int i = 0; i < all.length; i += 2) {
        windings[all[i]] += times * all[i + 1];
        over.set(all[i], rule.fills(windings[all[i]]));
      }
    }

    /** From the left of a side to its right. */
    private void cross(int side) {
      step(side >> 1, (side & 1) == 0 ? -1 : 1);
    }

    void from(int start) {
      // The sides that were crossed, and of each loop on the way the side that is looked at next.
      int[] crossed = new int[16];
      int[] at = new int[16];
      int depth = 0;
      know(start);
      at[0] = first[start];
      int here = start;
      while (true) {
        if (at[depth] < first[here + 1]) {
          int side = sides[at[depth]++];
          int beyond = loop[back(side)];
          if (!known[beyond]) {
            cross(side);
            know(beyond);
            if (++depth == at.length) {
              at = Arrays.copyOf(at, 2 * depth);
              crossed = Arrays.copyOf(crossed, 2 * depth);
            }
            crossed[depth] = side;
            at[depth] = first[beyond];
            here = beyond;
          }
        } else if (depth == 0) {
          return;
        } else {
          cross(back(crossed[depth]));
          here = loop[crossed[depth--]];
        }
      }
    }

    private void know(int at) {
      budget.spend(1);
      known[at] = true;
      told[at] = telling.of(over);
    }
  }

  /** Straight pieces of all edges by their heights, to count those beside a place. */
  private final class Around {
    private final SortedPackedIntervalRTree byHeight = new SortedPackedIntervalRTree();

    private record Piece(int edge, int from, int to) {}

    Around() {
      for (int edge = 0; edge < ways.size(); edge++) {
        int[] way = ways.get(edge);
        for (int i = 1; i < way.length; i++) {
          int one = pixels.y(way[i - 1]);
          int other = pixels.y(way[i]);
          byHeight.insert(
              Math.min(one, other), Math.max(one, other), new Piece(edge, way[i - 1], way[i]));
        }
      }
    }

    /**
     * How often the other groups wind round a pixel: what goes up at its right, less what goes
     * down.
     */
    void count(int pixel, int group, Walk walk) {
      int y = pixels.y(pixel);
      byHeight.query(
          y,
          y,
          item -> {
            budget.spend(1);
            Piece piece = (Piece) item;
            boolean up = pixels.y(piece.from) <= y && pixels.y(piece.to) > y;
            boolean down = pixels.y(piece.to) <= y && pixels.y(piece.from) > y;
            if ((up || down) && together.first(piece.edge) != group) {
              long side = pixels.side(piece.from, piece.to, pixel);
              if (up && side > 0) {
                walk.step(piece.edge, 1);
              } else if (down && side < 0) {
                walk.step(piece.edge, -1);
              }
            }
          });
    }
  }

  /**
   * How much of the plane is told to be what, mm².
   *
   * @param count one more than the greatest that anything is told to be
   */
  double[] sizes(int count) {
    double[] sizes = new double[count];
    for (int edge = 0; edge < ways.size(); edge++) {
      double swept = pixels.swept(ways.get(edge));
      if (told[loop[2 * edge]] >= 0) {
        sizes[told[loop[2 * edge]]] += swept;
      }
      if (told[loop[2 * edge + 1]] >= 0) {
        sizes[told[loop[2 * edge + 1]]] -= swept;
      }
    }
    return sizes;
  }

  /**
   * The areas by what they are told to be.
   *
   * @param named turns that into the number of an area, or {@link #NOTHING}
   * @param count how many areas there are
   */
  List<List<Polygon>> areas(IntUnaryOperator named, int count) {
    int[] names = Arrays.stream(told).map(at -> at < 0 ? NOTHING : named.applyAsInt(at)).toArray();
    List<Shells> all = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      all.add(new Shells(budget));
    }
    boolean[] used = new boolean[loop.length];
    for (int side = 0; side < loop.length; side++) {
      int name = names[loop[side]];
      if (!used[side] && name >= 0 && names[loop[back(side)]] != name) {
        ring(side, names, used, all.get(name));
      }
    }
    return all.stream().map(Shells::polygons).toList();
  }

  /** Once round an area; where it comes back to a pixel, what lies between is a ring by itself. */
  private void ring(int start, int[] names, boolean[] used, Shells into) {
    int name = names[loop[start]];
    List<Integer> open = new ArrayList<>();
    Map<Integer, Integer> begun = new HashMap<>();
    int side = start;
    do {
      used[side] = true;
      close(from(side), open, begun, into);
      begun.put(from(side), open.size());
      open.add(side);
      side = next[side];
      while (names[loop[back(side)]] == name) {
        side = next[back(side)];
      }
    } while (side != start);
    close(from(start), open, begun, into);
  }

  private void close(int pixel, List<Integer> open, Map<Integer, Integer> begun, Shells into) {
    Integer first = begun.get(pixel);
    if (first != null) {
      List<Integer> sides = open.subList(first, open.size());
      into.ring(corners(sides));
      sides.forEach(side -> begun.remove(from(side)));
      sides.clear();
    }
  }

  private Coordinate[] corners(List<Integer> sides) {
    List<Coordinate> corners = new ArrayList<>();
    for (int side : sides) {
      int[] way = ways.get(side >> 1);
      for (int i = 0; i < way.length - 1; i++) {
        corners.add(pixels.place((side & 1) == 0 ? way[i] : way[way.length - 1 - i]));
      }
    }
    corners.add(corners.get(0).copy());
    return corners.toArray(Coordinate[]::new);
  }
}
