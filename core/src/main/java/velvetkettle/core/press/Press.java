package velvetkettle.core.press;

import java.util.Set;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.quantity.ImpossibleValueException;
import velvetkettle.core.quantity.KiloPascal;
import velvetkettle.core.quantity.Millimetres;

/**
 * One press of the shop.
 *
 * @param id tells presses apart whatever they are called; what was kept before presses had one is
 *     known by its name
 * @param name what the shop calls it, 1 to 60 characters
 * @param platenWidth of the heated face, above 0
 * @param platenDepth of the heated face, above 0
 * @param closing null where nobody knows its force, or where a hand gives it
 * @param cladInPtfe whether its platen is clad in PTFE, which counts as that sheet
 * @param tips sizes of the wand's cup tips; empty for anything else, and where nobody listed them
 * @param lower what its work lies on; what its kind usually has where nobody said
 */
public record Press(
    String id,
    String name,
    PressKind kind,
    Millimetres platenWidth,
    Millimetres platenDepth,
    Calibration calibration,
    @Nullable Closing closing,
    boolean cladInPtfe,
    Set<StoneSize> tips,
    Pad lower) {
  /** Below this a platen would not reach over the edge of any art, mm. */
  private static final double LEAST = 20;

  /** Known by its name. */
  public Press(
      String name,
      PressKind kind,
      Millimetres platenWidth,
      Millimetres platenDepth,
      Calibration calibration) {
    this(name, name, kind, platenWidth, platenDepth, calibration, null, false, Set.of());
  }

  /** With what its kind usually has on its lower side. */
  public Press(
      String id,
      String name,
      PressKind kind,
      Millimetres platenWidth,
      Millimetres platenDepth,
      Calibration calibration,
      @Nullable Closing closing,
      boolean cladInPtfe,
      Set<StoneSize> tips) {
    this(
        id,
        name,
        kind,
        platenWidth,
        platenDepth,
        calibration,
        closing,
        cladInPtfe,
        tips,
        kind.usualPad());
  }

  /** One of its kind as shops usually have it (engineering estimates), never measured. */
  public static Press usual(String name, PressKind kind) {
    double[] size =
        switch (kind) {
          case PLATE_CLAM -> new double[] {380, 380};
          case PLATE_SWING, PLATE_DRAW -> new double[] {400, 500};
          case HAND_LARGE -> new double[] {250, 230};
          case HAND_MINI -> new double[] {100, 60};
          case IRON_DRY, IRON_STEAM -> new double[] {110, 190};
          case WAND -> new double[] {30, 30};
        };
    return new Press(
        name, kind, Millimetres.of(size[0]), Millimetres.of(size[1]), Calibration.NONE);
  }

  /** The same, measured. */
  public Press measured(Calibration found) {
    return new Press(
        id, name, kind, platenWidth, platenDepth, found, closing, cladInPtfe, tips, lower);
  }

  /** The same under another id. */
  public Press known(String as) {
    return new Press(
        as, name, kind, platenWidth, platenDepth, calibration, closing, cladInPtfe, tips, lower);
  }

  /** The same with something else on its lower side. */
  public Press over(Pad other) {
    return new Press(
        id, name, kind, platenWidth, platenDepth, calibration, closing, cladInPtfe, tips, other);
  }

  public Press {
    id = id == null ? name : id;
    // Null in what was kept before it was asked.
    lower = lower == null ? kind.usualPad() : lower;
    tips = Set.copyOf(tips);
    if (name.isBlank() || name.length() > 60) {
      throw new ImpossibleValueException("a press's name has 1 to 60 characters");
    }
    if (platenWidth.count() <= LEAST || platenDepth.count() <= LEAST) {
      throw new ImpossibleValueException("a platen is wider and deeper than " + LEAST + " mm");
    }
  }

  /** Of its heated face, mm2. */
  public double area() {
    return platenWidth.count() * platenDepth.count();
  }

  /**
   * Contact pressure over what it lies on: of a hand the force over that, of a plate press what its
   * mark gives, and what the word means where nobody knows its force, because the knob is turned
   * with the garment in.
   *
   * @param squareMillimetres that carry the force, above 0
   */
  public KiloPascal gives(Pressure wanted, double squareMillimetres) {
    if (kind.pressedByHand()) {
      return KiloPascal.of(Math.min(Closing.MOST, 1000 * kind.newtonsByHand() / squareMillimetres));
    }
    return closing == null
        ? wanted.nominal()
        : closing.at(closing.mark(wanted.nominal(), squareMillimetres), squareMillimetres);
  }

  /** Whether it is the same press, however it was measured or named since. */
  public boolean is(Press other) {
    return id.equals(other.id) || (id.equals(name) && name.equals(other.name));
  }

  /** Whether a choice that was kept means it: by its id, or by its name as was kept once. */
  public boolean isMeantBy(String kept) {
    return id.equals(kept) || name.equals(kept);
  }
}
