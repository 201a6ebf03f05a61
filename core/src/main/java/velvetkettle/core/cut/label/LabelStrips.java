package velvetkettle.core.cut.label;

import java.util.ArrayList;
import java.util.List;
import velvetkettle.core.cut.lay.Rectangle;

/**
 * Labels laid on strips of tape or on pages, in the order of the list.
 *
 * @param perStrip how many a whole strip holds
 * @param stripsPerPage side by side; 0 for tape
 * @param rest what stays of each tape, mm; empty for pages
 * @param left labels for which there is no tape
 * @param yield what becomes labels of the tape or paper that is cut into, 0 to 1
 */
public record LabelStrips(
    int perStrip,
    int stripsPerPage,
    List<LabelStrip> strips,
    List<Double> rest,
    List<Label> left,
    double yield) {
  public LabelStrips {
    strips = List.copyOf(strips);
    rest = List.copyOf(rest);
    left = List.copyOf(left);
  }

  /** Pages that are printed; 0 for tape. */
  public int pages() {
    return stripsPerPage == 0 || strips.isEmpty() ? 0 : strips.get(strips.size() - 1).from() + 1;
  }

  public static LabelStrips lay(List<Label> labels, LabelMeasures measures, LabelStock stock) {
    if (stock instanceof LabelStock.Tapes tapes) {
      return onTapes(labels, measures, tapes);
    }
    return onPages(labels, measures, ((LabelStock.Pages) stock).paper().free());
  }

  /** A shorter tape first where it holds what is left, so that the long one stays whole. */
  private static LabelStrips onTapes(
      List<Label> labels, LabelMeasures measures, LabelStock.Tapes tapes) {
    List<LabelStrip> strips = new ArrayList<>();
    List<Double> rest = new ArrayList<>(tapes.lengths());
    List<Label> open = new ArrayList<>(labels);
    List<Integer> unused = new ArrayList<>();
    for (int i = 0; i < tapes.lengths().size(); i++) {
      unused.add(i);
    }
    double cutInto = 0;
    while (!open.isEmpty() && !unused.isEmpty()) {
      int tape = next(open.size(), unused, tapes, measures);
      unused.remove(Integer.valueOf(tape));
      double length = tapes.lengths().get(tape);
      double used = 0;
      while (!open.isEmpty()) {
        double after = used == 0 ? 0 : used + measures.gap();
        int holds = measures.on(Math.min(tapes.strip(), length - after));
        if (holds == 0) {
          break;
        }
        List<Label> on = open.subList(0, Math.min(holds, open.size()));
        double strip = length(on.size(), measures);
        strips.add(new LabelStrip(tape, strip, on));
        on.clear();
        used = after + strip;
      }
      rest.set(tape, length - used);
      cutInto += used;
    }
    double made = (labels.size() - open.size()) * measures.cut();
    int perStrip = measures.on(tapes.strip());
    return new LabelStrips(
        perStrip, 0, strips, rest, open, cutInto == 0 ? 1 : Math.min(1, made / cutInto));
  }

  /** The shortest tape that holds all that is left; where none does, the one that holds most. */
  private static int next(
      int open, List<Integer> unused, LabelStock.Tapes tapes, LabelMeasures measures) {
    int best = unused.get(0);
    for (int tape : unused) {
      int holds = holds(tapes.lengths().get(tape), tapes.strip(), measures);
      int most = holds(tapes.lengths().get(best), tapes.strip(), measures);
      boolean better =
          most >= open
              ? holds >= open && tapes.lengths().get(tape) < tapes.lengths().get(best)
              : holds > most;
      best = better ? tape : best;
    }
    return best;
  }

  /** How many labels a tape gives in strips of at most that length, a gap between two strips. */
  static int holds(double tape, double strip, LabelMeasures measures) {
    int perStrip = measures.on(strip);
    if (perStrip == 0) {
      return 0;
    }
    double whole = length(perStrip, measures) + measures.gap();
    int strips = (int) Math.floor((tape + measures.gap()) / whole + 1e-9);
    return strips * perStrip + measures.on(Math.max(0, tape - strips * whole));
  }

  private static LabelStrips onPages(List<Label> labels, LabelMeasures measures, Rectangle free) {
    int perStrip = measures.on(free.height());
    int across =
        (int) Math.floor((free.width() + measures.gap()) / (measures.tape() + measures.gap()));
    List<LabelStrip> strips = new ArrayList<>();
    List<Label> open = new ArrayList<>(labels);
    while (!open.isEmpty() && perStrip > 0 && across > 0) {
      List<Label> on = open.subList(0, Math.min(perStrip, open.size()));
      strips.add(new LabelStrip(strips.size() / across, length(on.size(), measures), on));
      on.clear();
    }
    int pages = across == 0 ? 0 : (strips.size() + across - 1) / across;
    double made = (labels.size() - open.size()) * measures.cut() * measures.tape();
    double printed = pages * free.width() * free.height();
    return new LabelStrips(
        perStrip, across, strips, List.of(), open, printed == 0 ? 1 : made / printed);
  }

  static double length(int labels, LabelMeasures measures) {
    return labels * measures.cut() + (labels - 1) * measures.gap();
  }
}
