package velvetkettle.server.cut.sum;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Coordinate;
import velvetkettle.core.colour.Contrast;
import velvetkettle.core.colour.Lab;
import velvetkettle.core.cut.drawn.DrawnPage;
import velvetkettle.core.cut.drawn.Mark;
import velvetkettle.core.cut.out.DrawnSvg;
import velvetkettle.core.cut.stone.StoneCounts;
import velvetkettle.core.cut.sum.StoneSum;
import velvetkettle.core.press.StoneSize;
import velvetkettle.core.quantity.Sentence;

/** Makes of a sum what is shown of it. */
final class SumViews {
  private SumViews() {}

  /**
   * @param cloth colour that stones lie on
   * @param fits what the ticket would take over; null where nothing
   */
  static SumView of(Sums.Done done, String cloth, SumView.@Nullable Fits fits) {
    return new SumView(
        done.form(),
        done.sum().pages().stream().map(SumViews::page).toList(),
        done.sum().facts(),
        done.sum().cautions(),
        done.sum().steps(),
        done.sum().hands().count(),
        done.laid() == null ? List.of() : kinds(done.laid().counts(), cloth),
        cloth,
        fits);
  }

  /** A form of which nothing can be drawn yet, and why. */
  static SumView without(SumForm form, Sentence why, String cloth) {
    return new SumView(
        form, List.of(), List.of(), List.of(why), List.of(), 0, List.of(), cloth, null);
  }

  private static List<SumView.KindView> kinds(StoneCounts counts, String cloth) {
    return counts.kinds().stream()
        .map(
            kind ->
                new SumView.KindView(
                    kind.size(),
                    kind.colour(),
                    kind.laid(),
                    kind.spare(),
                    Contrast.of(Lab.of(kind.colour()), Lab.of(cloth)).term()))
        .toList();
  }

  /** What a ticket says of stones that lie so. */
  static SumView.Fits fits(StoneSum.Laid laid) {
    TreeSet<StoneSize> sizes = new TreeSet<>();
    Set<String> colours = new TreeSet<>();
    for (StoneCounts.Kind kind : laid.counts().kinds()) {
      sizes.add(kind.size());
      colours.add(kind.colour());
    }
    StoneSize largest = sizes.isEmpty() ? null : sizes.pollLast();
    return new SumView.Fits(
        tenths(laid.layout().width()),
        tenths(laid.layout().height()),
        Math.max(1, colours.size()),
        laid.layout().stones().size(),
        largest,
        new ArrayList<>(sizes.descendingSet()));
  }

  static double tenths(double millimetres) {
    return Math.max(3, Math.round(millimetres * 10) / 10.0);
  }

  private static SumView.PageView page(DrawnPage page) {
    return new SumView.PageView(
        page.name(),
        page.width(),
        page.height(),
        page.marks().stream().map(SumViews::mark).toList());
  }

  private static SumView.MarkView mark(Mark mark) {
    if (mark instanceof Mark.Discs discs) {
      List<Double> middles = new ArrayList<>(2 * discs.middles().size());
      for (Coordinate middle : discs.middles()) {
        middles.add(hundredths(middle.x));
        middles.add(hundredths(middle.y));
      }
      return new SumView.MarkView(discs.role(), null, discs.colour(), discs.diameter(), middles);
    }
    if (mark instanceof Mark.Filled filled) {
      return new SumView.MarkView(
          filled.role(), DrawnSvg.lines(filled.area(), 2), filled.colour(), 0, List.of());
    }
    Mark.Lines lines = (Mark.Lines) mark;
    return new SumView.MarkView(lines.role(), DrawnSvg.lines(lines.shape(), 2), null, 0, List.of());
  }

  private static double hundredths(double millimetres) {
    return Math.round(millimetres * 100) / 100.0;
  }
}
