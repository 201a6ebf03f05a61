package velvetkettle.core.cloth;

import java.util.List;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Worded;

/**
 * The fibres of sewn-in labels with what heat does to them.
 *
 * <p>Sources, all quoted from memory: agreed moisture allowance, Regulation (EU) 1007/2011 Annex
 * IX; regain at 65 % relative humidity, Morton &amp; Hearle, <i>Physical Properties of Textile
 * Fibres</i>; iron limit, ISO 3758:2012 (one dot 110 °C, two 150 °C, three 200 °C); heat limits,
 * published handbooks. Label codes: ISO 2076 and DIN 60001-4; PL, PC, EA, VI and NY as older labels
 * carry them (common practice, no source). Where a source gives a range the cautious end stands
 * here.
 */
public enum Fibre implements Worded {
  COTTON(8.5, 7.5, 200, HeatDamage.YELLOWS, 205, "cotton", "CO"),
  LINEN(12, 11, 200, HeatDamage.YELLOWS, 205, "linen", "flax", "LI"),
  HEMP(12, 11, 200, HeatDamage.YELLOWS, 205, "hemp", "HA"),
  VISCOSE(13, 13, 150, HeatDamage.YELLOWS, 180, "viscose", "rayon", "CV", "VI"),
  MODAL(13, 12.5, 150, HeatDamage.YELLOWS, 180, "modal", "CMD", "MD"),
  LYOCELL(13, 12.5, 150, HeatDamage.YELLOWS, 180, "lyocell", "CLY"),
  WOOL(18.25, 16, 150, HeatDamage.YELLOWS, 165, "wool", "WO", "WV"),
  SILK(11, 10.5, 110, HeatDamage.YELLOWS, 150, "silk", "SE"),
  POLYESTER(1.5, 0.4, 110, HeatDamage.STICKS, 230, "polyester", "PES", "PL"),
  POLYAMIDE_6(5.75, 4.2, 110, HeatDamage.STICKS, 170, "polyamide", "nylon", "PA", "PA6", "NY"),
  POLYAMIDE_66(5.75, 4.2, 110, HeatDamage.STICKS, 230, "polyamide66", "nylon66", "PA66"),
  ELASTANE(1.5, 1.3, 110, HeatDamage.WEAKENS, 175, "elastane", "spandex", "EL", "EA"),
  ACRYLIC(2, 1.5, 110, HeatDamage.STICKS, 215, "acrylic", "PAN", "PC"),
  MODACRYLIC(2, 2, 110, HeatDamage.SHRINKS, 150, "modacrylic", "MAC", "MA"),
  ACETATE(9, 6.2, 110, HeatDamage.STICKS, 175, "acetate", "CA", "AC"),
  TRIACETATE(7, 4, 150, HeatDamage.STICKS, 220, "triacetate", "CTA", "TA"),
  POLYPROPYLENE(2, 0, null, HeatDamage.MELTS, 140, "polypropylene", "PP"),
  POLYETHYLENE(1.5, 0, null, HeatDamage.MELTS, 105, "polyethylene", "PE"),
  POLYLACTIDE(1.5, 0.5, null, HeatDamage.MELTS, 150, "polylactide", "PLA"),
  CHLOROFIBRE(2, 0, null, HeatDamage.SHRINKS, 70, "chlorofibre", "CLF", "PVC"),
  LEATHER(0, 0, null, HeatDamage.BLISTERS, 100, "leather", "LE"),
  COATED_CLOTH(0, 0, null, HeatDamage.BLISTERS, 100, "coated", "polyurethane", "PU"),
  /**
   * Whatever a label calls so, or does not name: damp as the dampest, heat-shy, and full of dye.
   */
  UNKNOWN(13, 12, 110, HeatDamage.STICKS, 150, "unknown", "other", "others");

  private final double agreedAllowance;
  private final double regain;
  private final @Nullable Celsius ironLimit;
  private final HeatDamage damage;
  private final Celsius limit;
  private final List<String> labelWords;

  Fibre(
      double agreedAllowance,
      double regain,
      @Nullable Integer ironLimit,
      HeatDamage damage,
      double limit,
      String... labelWords) {
    this.agreedAllowance = agreedAllowance;
    this.regain = regain;
    this.ironLimit = ironLimit == null ? null : Celsius.of(ironLimit);
    this.damage = damage;
    this.limit = Celsius.of(limit);
    this.labelWords = List.of(labelWords);
  }

  /** Agreed moisture allowance, % of dry mass. */
  public double agreedAllowance() {
    return agreedAllowance;
  }

  /** Moisture regain at 65 % relative humidity and 20 °C, % of dry mass. */
  public double regain() {
    return regain;
  }

  /**
   * The hottest iron its label usually allows; null where none does. A warning, never a limit for a
   * press.
   */
  public @Nullable Celsius ironLimit() {
    return ironLimit;
  }

  /** What heat does first. */
  public HeatDamage damage() {
    return damage;
  }

  /** The cloth temperature at which that damage begins within a press of some tens of seconds. */
  public Celsius limit() {
    return limit;
  }

  /** Names and letter codes by which a sewn-in label calls it. */
  public List<String> labelWords() {
    return labelWords;
  }

  /**
   * Fibres that no press is for: they melt, blister or give off fumes, or the adhesive never wets
   * them.
   */
  public boolean refusesEveryPress() {
    return switch (this) {
      case ACETATE, POLYPROPYLENE, POLYETHYLENE, CHLOROFIBRE, LEATHER, COATED_CLOTH -> true;
      default -> false;
    };
  }

  /**
   * Plant fibres and those made from them; a polyester primer makes them printable by sublimation.
   */
  public boolean cellulosic() {
    return switch (this) {
      case COTTON, LINEN, HEMP, VISCOSE, MODAL, LYOCELL -> true;
      default -> false;
    };
  }

  /** Whether steam shrinks, hardens or spots it [common practice, no source]. */
  public boolean isSteamShy() {
    return switch (this) {
      case WOOL, SILK, ACRYLIC, MODACRYLIC, CHLOROFIBRE -> true;
      default -> false;
    };
  }

  /** Whether dye that turns to gas is what usually colours it. */
  public boolean givesOffDye() {
    return switch (this) {
      case POLYESTER, POLYLACTIDE, ACETATE, TRIACETATE, UNKNOWN -> true;
      default -> false;
    };
  }

  @Override
  public String vocabulary() {
    return "fibre";
  }
}
