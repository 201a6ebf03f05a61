package velvetkettle.core.heat.certainty;

import static velvetkettle.core.heat.certainty.PracticeStacks.layer;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.cloth.Depth;
import velvetkettle.core.cloth.DyeKind;
import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.heat.conduction.Trace;
import velvetkettle.core.heat.dose.Adhesive;
import velvetkettle.core.heat.dose.Migration;
import velvetkettle.core.heat.dose.Resublimation;
import velvetkettle.core.heat.dose.Shine;
import velvetkettle.core.heat.dose.SublimationDose;
import velvetkettle.core.heat.phase.PhaseResult;
import velvetkettle.core.press.LayerKind;
import velvetkettle.core.press.PressKind;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.press.Substance;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Kelvin;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.core.quantity.Times;

/**
 * What makers do (common practice, no source) beside what the computation says to it, with one set
 * of constants. The constants were fitted to it, so agreement shows that they are consistent with
 * it, not that they are right. Bands say how far apart the two may stand.
 */
public final class CommonPractice {
  /**
   * @param key of its sentences: {@code practice.key.setting}, {@code .practice}, {@code
   *     .predicted}
   * @param value what is computed
   * @param shown the same as a quantity
   * @param least of the values that agree with practice
   * @param most likewise
   * @param at the temperature that its sentences name; null where they name none
   * @param known whether the two are known to disagree, and practice is followed
   */
  public record Case(
      String key,
      double value,
      Object shown,
      double least,
      double most,
      @Nullable Celsius at,
      boolean known) {
    boolean inBand() {
      return value >= least && value <= most;
    }

    Certainty.PracticeRow row() {
      return new Certainty.PracticeRow(
          says("setting"), says("practice"), says("predicted"), inBand() && !known);
    }

    private Sentence says(String what) {
      String of = "practice." + key + "." + what;
      return at == null ? Sentence.of(of, shown) : Sentence.of(of, shown, at);
    }
  }

  /** What the steam of an iron leaves in the cloth, g/m2 (engineering estimate). */
  private static final double STEAM = 60;

  private final List<Case> cases = new ArrayList<>();
  private final List<PracticeStacks.Pressed> stacks = new ArrayList<>();

  private CommonPractice() {}

  public static List<Case> cases() {
    return compared().cases;
  }

  /** The stacks behind the cases. */
  public static List<PracticeStacks.Pressed> stacks() {
    return compared().stacks;
  }

  private static CommonPractice compared() {
    CommonPractice practice = new CommonPractice();
    practice.films();
    practice.papers();
    practice.webs();
    practice.dyes();
    practice.water();
    practice.steamIron();
    return practice;
  }

  private void films() {
    PracticeStacks tee = PracticeStacks.on(Fabric.JERSEY, Fibre.COTTON, Adhesive.EVERYDAY);
    seconds(
        "film-150", kept(tee.dried().film(150, Pressure.MEDIUM, 15)).bondedAfter(), 4.9, 6.0, 150);
    seconds(
        "film-160", kept(tee.dried().film(160, Pressure.MEDIUM, 10)).bondedAfter(), 4.0, 5.1, 160);
    PracticeStacks byHand = tee.with(PressKind.HAND_LARGE);
    seconds(
        "hand-150", kept(byHand.dried().film(150, Pressure.HAND, 30)).bondedAfter(), 9.5, 14, 150);
    seconds(
        "hand-160", kept(byHand.dried().film(160, Pressure.HAND, 30)).bondedAfter(), 8, 11.5, 160);
    PracticeStacks.Pressed digital =
        kept(
            tee.press(
                145,
                Pressure.MEDIUM,
                10,
                layer(LayerKind.CARRIER, 0.10, Substance.CARRIER_FILM),
                layer(LayerKind.GLUE, 0.08, Substance.HOT_MELT)));
    seconds("digital", digital.bondedAfter(), 5.0, 7.0, 145);
    PracticeStacks shell =
        PracticeStacks.on(Fabric.PADDED_SHELL, Fibre.POLYAMIDE_66, Adhesive.EVERYDAY);
    PracticeStacks.Pressed padded = kept(shell.dried().film(140, Pressure.FIRM, 6));
    seconds("padded-shell", padded.bondedAfter(), 3.4, 5.2, 140);
    double shine = Shine.onset(Fibre.POLYAMIDE_66).orElseThrow().degrees() - padded.hottestCloth();
    add("padded-shell-shine", shine, Kelvin.of(Math.round(shine)), 8, 16, false);
  }

  private void papers() {
    PracticeStacks tee = PracticeStacks.on(Fabric.JERSEY, Fibre.COTTON, Adhesive.PAPER);
    PracticeStacks.Pressed paper =
        kept(
            tee.dried()
                .press(
                    177,
                    Pressure.FIRM,
                    20,
                    layer(LayerKind.PAPER, 0.20, Substance.TRANSFER_PAPER),
                    layer(LayerKind.GLUE, 0.05, Substance.PRINT_COATING)));
    seconds("paper", paper.bondedAfter(), 5.5, 9, 177);
    seconds("paper-cold-table", paper.coolerThan(40, true), 20, 70, 40);
    seconds("paper-cold-pad", paper.coolerThan(40, false), 100, 210, 40);
    PracticeStacks shirt =
        PracticeStacks.on(Fabric.WOVEN_SHIRTING, Fibre.POLYESTER, Adhesive.EVERYDAY);
    times("sublimation-196", printed(shirt, 196, 40), 1, 2, 196);
    times("sublimation-202", printed(shirt, 202, 45), 1.7, 3.5, 202);
  }

  /** Kraft paper over the print, as practice has it; times of what full colour needs. */
  private double printed(PracticeStacks shirt, double celsius, double seconds) {
    PracticeStacks.Pressed pressed =
        kept(
            shirt.press(
                celsius,
                Pressure.MEDIUM,
                seconds,
                layer(LayerKind.COVER, 0.10, Substance.KRAFT),
                layer(LayerKind.PAPER, 0.11, Substance.SUBLIMATION_PAPER)));
    PhaseResult act = pressed.act();
    double dose = act.trace().doseAtInterface(act.laying().bondBelow(), SublimationDose::rate);
    return dose / SublimationDose.FULL;
  }

  private void webs() {
    PracticeStacks tee = PracticeStacks.on(Fabric.JERSEY, Fibre.COTTON, Adhesive.WEB);
    PracticeStacks.Pressed light =
        kept(
            tee.press(
                152,
                Pressure.LIGHT,
                10,
                layer(LayerKind.PAPER, 0.10, Substance.TRANSFER_PAPER),
                layer(LayerKind.GLUE, 0.04, Substance.HOT_MELT)));
    double tack = light.act().trace().bondReaches(Adhesive.TACK * Adhesive.WEB.needed());
    seconds("light-web-tack", tack, 1.4, 3, 152);
    PracticeStacks.Pressed panel =
        kept(
            tee.press(
                149,
                Pressure.MEDIUM,
                8,
                layer(LayerKind.PATCH, 0.25, Substance.POLYESTER_PANEL),
                layer(LayerKind.GLUE, 0.07, Substance.HOT_MELT)));
    Trace trace = panel.act().trace();
    double needed = Adhesive.WEB.needed();
    times("panel-web-6", trace.readAt(6, trace::bond) / needed, 0.25, 0.8, 149);
    times("panel-web-8", trace.readAt(8, trace::bond) / needed, 0.7, 1.4);
    double fading = panel.doseAtPanel(Resublimation::rate);
    add(
        "panel-print",
        fading,
        Times.upTo(fading / Resublimation.FADES_ABOVE),
        0,
        Resublimation.FADES_ABOVE,
        false);
  }

  private void dyes() {
    PracticeStacks top = PracticeStacks.on(Fabric.INTERLOCK, Fibre.POLYESTER, Adhesive.BLOCKER);
    PhaseResult act = kept(top.film(120, Pressure.FIRM, 15)).act();
    times("dye-sublimated", tint(act, DyeKind.SUBLIMATED, false), 1.01, 12, 120);
    times("dye-disperse", tint(act, DyeKind.DISPERSE, false), 0.4, 2.0);
    times("dye-solution", tint(act, DyeKind.SOLUTION_DYED, false), 0, 0.1);
    times("dye-reactive", tint(act, DyeKind.REACTIVE, false), 0, 0);
    times("dye-blocked", tint(act, DyeKind.SUBLIMATED, true), 0, 0.4, 120);
  }

  private static double tint(PhaseResult act, DyeKind dye, boolean blocked) {
    return act.trace()
        .integral(m -> Migration.rate(act.clothUnderMedium(m), dye, Depth.DARK, 1, blocked));
  }

  private void water() {
    PracticeStacks tee = PracticeStacks.on(Fabric.JERSEY, Fibre.COTTON, Adhesive.EVERYDAY);
    PracticeStacks.Pressed damp = kept(tee.film(150, Pressure.MEDIUM, 12));
    PracticeStacks.Pressed dried = kept(tee.dried().film(150, Pressure.MEDIUM, 12));
    seconds("no-pre-press", damp.bondedAfter() - dried.bondedAfter(), 0.2, 1.5);
    grams("no-pre-press-steam", damp.steam(), 2.1, 8);
    grams("pre-press-steam", dried.steam(), 0, 2);
  }

  /** Held it is two to four times too quick for what makers do, who keep it moving. */
  private void steamIron() {
    PracticeStacks held =
        PracticeStacks.on(Fabric.JERSEY, Fibre.COTTON, Adhesive.STONE).with(PressKind.IRON_STEAM);
    double heldFor = kept(stones(held)).bondedAfter();
    add("steam-iron-held", heldFor, Seconds.of(Math.round(heldFor)), 5, 40, true);
    double movedFor = kept(stones(held.keptMoving(150, 150).steamed(STEAM))).bondedAfter();
    add("steam-iron-moved", movedFor, Seconds.of(Math.round(movedFor)), 30, 120, false);
  }

  private static PracticeStacks.Pressed stones(PracticeStacks iron) {
    return iron.press(
        200,
        Pressure.HAND,
        180,
        layer(LayerKind.CARRIER, 0.10, Substance.CARRIER_FILM),
        layer(LayerKind.STONE, 1.3, Substance.STONE),
        layer(LayerKind.GLUE, 0.15, Substance.STONE_GLUE));
  }

  private PracticeStacks.Pressed kept(PracticeStacks.Pressed pressed) {
    stacks.add(pressed);
    return pressed;
  }

  private void seconds(String key, double value, double least, double most, int... at) {
    add(key, value, Seconds.of(Math.round(10 * value) / 10.0), least, most, false, at);
  }

  private void times(String key, double value, double least, double most, int... at) {
    add(key, value, Times.upTo(value), least, most, false, at);
  }

  private void grams(String key, double value, double least, double most) {
    add(key, value, (int) Math.round(value), least, most, false);
  }

  private void add(
      String key, double value, Object shown, double least, double most, boolean known, int... at) {
    Celsius named = at.length == 0 ? null : Celsius.of(at[0]);
    cases.add(new Case(key, value, shown, least, most, named, known));
  }
}
