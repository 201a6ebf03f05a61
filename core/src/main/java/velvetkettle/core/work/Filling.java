package velvetkettle.core.work;

import org.jspecify.annotations.Nullable;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.Layer;
import velvetkettle.core.press.LayerKind;
import velvetkettle.core.press.Pad;
import velvetkettle.core.press.Substance;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Sentence;

/** What is put into a garment or under it. Thickness of a form: engineering estimate. */
public enum Filling {
  PARCHMENT,
  KRAFT,
  /** Under the art only: it lifts it above what lies round it. */
  FOAM_PAD,
  /** A sleeve board, so that front and back do not meet. */
  FORM,
  /** What a blade is stopped by; nothing is pressed over it. */
  CUTTING_BOARD;

  private static final Millimetres BOARD = Millimetres.of(10);
  private static final Millimetres CUTTING = Millimetres.of(3);

  /** Whether it lifts the cloth over it off what lies round it. */
  boolean lifts() {
    return this == FOAM_PAD || this == FORM;
  }

  /** As a layer of the Stack. */
  Layer in(Gap gap) {
    return switch (this) {
      case PARCHMENT -> sheet(CoverSheet.PARCHMENT, name(gap, "sheet"));
      case KRAFT -> sheet(CoverSheet.KRAFT, name(gap, "kraft"));
      case FOAM_PAD ->
          lifting(
              Sentence.of("layer.insert", Pad.FOAM_PAD),
              Pad.FOAM_PAD.thickness(),
              Pad.FOAM_PAD.substance());
      case FORM -> lifting(Sentence.of("layer.form"), BOARD, Substance.TABLE_BOARD);
      case CUTTING_BOARD ->
          lifting(Sentence.of("layer.cutting-board"), CUTTING, Substance.TABLE_BOARD);
    };
  }

  private static Layer lifting(Sentence name, Millimetres thickness, Substance substance) {
    return new Layer(LayerKind.PAD, name, thickness, substance, null);
  }

  private static Layer sheet(CoverSheet sheet, String name) {
    @Nullable Substance substance = sheet.substance();
    return new Layer(LayerKind.SEPARATOR, Sentence.of(name), sheet.thickness(), substance, null);
  }

  private static String name(Gap gap, String what) {
    return "layer."
        + what
        + switch (gap) {
          case INSIDE -> "-between";
          case POCKET -> "-in-pocket";
          case BELOW -> "-below";
        };
  }
}
