package velvetkettle.core.plan.option;

/** The maker took a medium that a veto stands against. */
public final class RuledOutException extends RuntimeException {
  private static final long serialVersionUID = 1L;

  private final transient RuledOut ruledOut;

  /** The medium with what rules it out. */
  public RuledOutException(RuledOut ruledOut) {
    super("ruled out: " + ruledOut.medium());
    this.ruledOut = ruledOut;
  }

  public RuledOut ruledOut() {
    return ruledOut;
  }
}
