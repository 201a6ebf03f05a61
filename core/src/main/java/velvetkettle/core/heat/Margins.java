package velvetkettle.core.heat;

import java.util.stream.Stream;

/** The three margins of one pressing. */
public record Margins(Margin hold, Margin mark, Margin bleed) {
  public Stream<Margin> all() {
    return Stream.of(hold, mark, bleed);
  }

  /** Whether one of them says no. */
  public boolean ruleOut() {
    return all().anyMatch(margin -> margin.verdict() == Verdict.NO);
  }

  public long tight() {
    return all().filter(margin -> margin.verdict() == Verdict.TIGHT).count();
  }
}
