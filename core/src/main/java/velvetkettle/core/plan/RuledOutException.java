package velvetkettle.core.plan;

/** The maker took a medium that a veto stands against. */
public final class RuledOutException extends RuntimeException {
  private static final long serialVersionUID = 1L;

  private final transient RuledOut ruledOut;

  RuledOutException(RuledOut ruledOut) {
    super("ruled out: " + ruledOut.medium());
    this.ruledOut = ruledOut;
  }

  public RuledOut ruledOut() {
    return ruledOut;
  }
}
