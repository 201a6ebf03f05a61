package velvetkettle.server.cut.sum;

import velvetkettle.core.cut.print.Paper;

/** A page of the printer, mm. */
public record PageForm(double width, double height, double margin) {
  static final PageForm A4 = new PageForm(Paper.A4.width(), Paper.A4.height(), Paper.A4.margin());

  Paper paper() {
    return new Paper(width, height, margin);
  }
}
