package velvetkettle.core.heat;

/**
 * Where a margin stands on a scale that is the same for all: no below {@value #TIGHT}, tight up to
 * {@value #SAFE}, safe above. It stands at what nine of ten presses reach, which the verdict goes
 * by; a larger margin of the same question always stands further on.
 *
 * @param at 0 to 1
 * @param likeliest where half of all presses stand, 0 to 1, never below {@code at}
 */
public record Pointer(double at, double likeliest) {
  public static final double TIGHT = 0.25;
  public static final double SAFE = 0.5;

  public Pointer {
    at = thousandths(at);
    likeliest = Math.max(at, thousandths(likeliest));
  }

  /**
   * A share of what is needed: of a bond, more is better.
   *
   * @param verdict whose zone it stands in
   * @param reached by nine of ten
   * @param nominal by half of them
   */
  static Pointer ofBond(Verdict verdict, double reached, double nominal) {
    double likeliest = Math.max(reached, nominal);
    return new Pointer(bond(verdict, reached, nominal), bond(verdict, likeliest, likeliest));
  }

  private static double bond(Verdict verdict, double reached, double nominal) {
    return switch (verdict) {
      case SAFE -> beyond(reached / HoldMargin.SAFE_FROM);
      case TIGHT -> TIGHT + (SAFE - TIGHT) * share(reached, 0, HoldMargin.SAFE_FROM);
      case NO -> TIGHT * share(Math.min(reached, nominal), 0, HoldMargin.TIGHT_FROM);
    };
  }

  /**
   * A share of what is seen: of scorch and of tint, less is better.
   *
   * @param stays what nine of ten stay below
   * @param nominal what half of them stay below
   * @param safe below which it is safe
   */
  static Pointer ofDose(Verdict verdict, double stays, double nominal, double safe) {
    double likeliest = Math.min(stays, nominal);
    return new Pointer(dose(verdict, stays, safe), dose(verdict, likeliest, safe));
  }

  private static double dose(Verdict verdict, double stays, double safe) {
    double spare = safe / Math.max(1e-9, stays);
    return switch (verdict) {
      // Doses differ by powers of ten.
      case SAFE -> beyond(1 + Math.log(Math.max(1, spare)));
      case TIGHT -> TIGHT + (SAFE - TIGHT) * Math.min(1, spare);
      case NO -> TIGHT * Math.min(1, spare);
    };
  }

  /**
   * Kelvin up to where a cloth takes harm.
   *
   * @param clear what nine of ten keep
   * @param nominal what half of them keep
   */
  static Pointer ofClearance(Verdict verdict, double clear, double nominal) {
    double likeliest = Math.max(clear, nominal);
    return new Pointer(clearance(verdict, clear), clearance(verdict, likeliest));
  }

  private static double clearance(Verdict verdict, double clear) {
    double safe = TradeMargins.SAFE_CLEARANCE.degrees();
    return switch (verdict) {
      case SAFE -> beyond(clear / safe);
      case TIGHT -> TIGHT + (SAFE - TIGHT) * share(clear, -safe, safe);
      case NO -> TIGHT * share(clear, -4 * safe, 0);
    };
  }

  /** The same where practice warns of what is safe: in the zone of what is tight. */
  Pointer warned() {
    return new Pointer(
        TIGHT + (SAFE - TIGHT) * share(at, SAFE, 1),
        TIGHT + (SAFE - TIGHT) * share(likeliest, SAFE, 1));
  }

  /** Ever further towards 1, however much there is; {@code times} what is just safe. */
  private static double beyond(double times) {
    return SAFE + (1 - SAFE) * (1 - 1 / Math.max(1, times));
  }

  private static double share(double value, double from, double to) {
    return Math.max(0, Math.min(1, (value - from) / (to - from)));
  }

  private static double thousandths(double place) {
    return Math.round(1000 * Math.max(0, Math.min(1, place))) / 1000.0;
  }
}
