package velvetkettle.core.hands;

import java.util.List;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.Layer;
import velvetkettle.core.press.Stack;
import velvetkettle.core.press.Substance;
import velvetkettle.core.work.Filling;

/** A Stack read aloud, layer by layer, in the words that a maker has for what lies there. */
final class ToldStack {
  private static final double PAPER = 0.06;

  private ToldStack() {}

  static List<String> of(Stack stack) {
    return stack.layers().stream().map(ToldStack::told).toList();
  }

  private static String told(Layer layer) {
    return switch (layer.kind()) {
      case HEATED_PLATEN -> "platen";
      case COVER, SEPARATOR -> sheet(layer);
      case FRONT, BACK -> "cloth";
      case PAD -> pad(layer);
      case LOWER_PLATEN -> "base";
      default -> layer.kind() + "";
    };
  }

  private static String sheet(Layer layer) {
    if (layer.substance() == Substance.PARCHMENT) {
      return layer.thickness() != null && layer.thickness().count() == PAPER
          ? CoverSheet.PARCHMENT + ""
          : "parchment of another thickness";
    }
    for (CoverSheet sheet : CoverSheet.values()) {
      if (sheet.substance() == layer.substance()) {
        return sheet + "";
      }
    }
    return "a sheet of " + layer.substance();
  }

  private static String pad(Layer layer) {
    return switch (layer.name().key()) {
      case "layer.insert" -> Filling.FOAM_PAD + "";
      case "layer.form" -> Filling.FORM + "";
      default -> "pad";
    };
  }
}
