package velvetkettle.server.press;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import velvetkettle.core.press.PressKind;

/**
 * A press as the maker describes it.
 *
 * @param readsHigh display minus platen, K; what strips or a probe showed
 * @param version 0 for a new one
 */
public record PressForm(
    @NotBlank @Size(max = 60) String name,
    @NotNull PressKind kind,
    @Min(21) @Max(2000) double platenWidth,
    @Min(21) @Max(2000) double platenDepth,
    boolean measured,
    @Min(-40) @Max(40) double readsHigh,
    @Min(0) int version) {
  /** The same, as a change of that version. */
  public PressForm at(int readVersion) {
    return new PressForm(name, kind, platenWidth, platenDepth, measured, readsHigh, readVersion);
  }
}
