package velvetkettle.server.practice;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.practice.Settings;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.PressKind;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.server.plan.TrialForm;

/**
 * All that was done with a simulated press since it was switched on.
 *
 * @param seed which press of its kind
 * @param trial the thing of a ticket that is practised on; null where only practice pieces are
 */
public record PracticeForm(
    @Min(0) @Max(1_000_000) long seed,
    @NotNull PressKind kind,
    @Nullable @Valid TrialForm trial,
    @NotNull @Size(max = 1000) List<@NotNull @Valid ShiftMoveForm> moves) {
  /**
   * The display is set, the press stands for a while, and a piece is pressed.
   *
   * @param dial °C
   * @param standing s
   * @param work null where nothing is pressed
   */
  public record ShiftMoveForm(
      @Min(20) @Max(230) double dial,
      @Min(0) @Max(7200) double standing,
      @Nullable @Valid ShiftWorkForm work) {}

  /**
   * @param piece the key of a practice piece; null for the thing of the ticket
   */
  public record ShiftWorkForm(
      @Nullable @Size(max = 40) String piece, @NotNull @Valid PieceSettingsForm settings) {}

  /** Times in seconds; see {@link Settings}. */
  public record PieceSettingsForm(
      @Min(0) @Max(60) double drying,
      @NotNull CoverSheet cover,
      @Min(1) @Max(600) double time,
      @NotNull Pressure pressure,
      @Nullable @Min(1) @Max(600) Double peelAfter) {
    Settings settings() {
      return new Settings(
          Seconds.of(drying),
          cover,
          Seconds.of(time),
          pressure,
          peelAfter == null ? null : Seconds.of(peelAfter));
    }
  }
}
