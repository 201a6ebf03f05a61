package velvetkettle.server.press;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.press.Calibration;
import velvetkettle.core.press.Closing;
import velvetkettle.core.press.Pad;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.PressKind;
import velvetkettle.core.press.StoneSize;
import velvetkettle.core.quantity.Millimetres;

/**
 * A press as the maker describes it.
 *
 * @param readsHigh display minus platen, K; what strips or a probe showed
 * @param newtons force with the knob closed as far as it goes; null where nobody knows it, and for
 *     what a hand closes
 * @param scale highest mark of its scale; null likewise
 * @param tips cup tips of a wand; empty for anything else
 * @param lower what its work lies on; null for what its kind usually has
 * @param version 0 for a new one
 */
public record PressForm(
    @NotBlank @Size(max = 60) String name,
    @NotNull PressKind kind,
    @Min(21) @Max(2000) double platenWidth,
    @Min(21) @Max(2000) double platenDepth,
    boolean measured,
    @Min(-40) @Max(40) double readsHigh,
    @Nullable @Min(50) @Max(50_000) Double newtons,
    @Nullable @Min(1) @Max(100) Integer scale,
    boolean cladInPtfe,
    @NotNull Set<StoneSize> tips,
    @Nullable Pad lower,
    @Min(0) int version) {
  /** The same, as a change of that version. */
  public PressForm at(int readVersion) {
    return new PressForm(
        name,
        kind,
        platenWidth,
        platenDepth,
        measured,
        readsHigh,
        newtons,
        scale,
        cladInPtfe,
        tips,
        lower,
        readVersion);
  }

  /**
   * The press that is described; its force counts only with its scale.
   *
   * @param id of the press
   * @param before what was measured of it, which stays where its difference was not typed anew
   */
  Press press(UUID id, Calibration before) {
    return new Press(
        id.toString(),
        name,
        kind,
        Millimetres.of(platenWidth),
        Millimetres.of(platenDepth),
        calibration(before),
        newtons == null || scale == null || kind.pressedByHand()
            ? null
            : new Closing(newtons, scale),
        cladInPtfe,
        kind.setsSingleStones() ? tips : Set.of(),
        lower == null ? kind.usualPad() : lower);
  }

  private Calibration calibration(Calibration before) {
    boolean same = measured && before.measured() && before.readsHigh().degrees() == readsHigh;
    if (same) {
      return before;
    }
    return measured ? Calibration.readsHigh(readsHigh) : Calibration.NONE;
  }
}
