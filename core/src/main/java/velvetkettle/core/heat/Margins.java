package velvetkettle.core.heat;

import java.util.stream.Stream;

/** The three margins of one pressing. */
public record Margins(Margin hold, Margin mark, Margin bleed) {
  public Stream<Margin> all() {
    return Stream.of(hold, mark, bleed);
  }

  public long tight() {
    return all().filter(margin -> margin.verdict() == Verdict.TIGHT).count();
  }
}
