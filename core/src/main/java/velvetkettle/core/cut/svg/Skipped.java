package velvetkettle.core.cut.svg;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.cut.letter.Face;
import velvetkettle.core.quantity.Sentence;

/** What is left out of a drawing, said once each with what to do about it. */
final class Skipped {
  private static final int MOST = 40;

  /** Kept for other elements, or without anything to see. */
  private static final Set<String> SILENT =
      Set.of(
          "defs",
          "style",
          "title",
          "desc",
          "metadata",
          "symbol",
          "clipPath",
          "linearGradient",
          "radialGradient",
          "pattern",
          "mask",
          "filter",
          "marker",
          "view",
          SvgElement.SIGNS);

  private final Set<Sentence> sentences = new LinkedHashSet<>();

  void element(SvgElement element, Style style) {
    String name = element.name();
    switch (name) {
      case "script" -> say("svg.skipped.script");
      default -> {
        if (!SILENT.contains(name)) {
          say("svg.skipped.element", shortened(name));
        }
      }
    }
  }

  /** Text without a face to set it in. */
  void text(SvgElement element) {
    say("svg.skipped.text", shortened(element.words()));
  }

  /** Text in a face that is not its own. */
  void set(SvgElement element, Face face) {
    say("svg.text-set", shortened(element.words()), face.term());
  }

  void notWhole(SvgElement element) {
    say("svg.text-not-whole", shortened(element.words()));
  }

  void missing(String letters) {
    say("svg.text-missing", shortened(letters));
  }

  /**
   * @param picture null where it lies in another file, or cannot be read
   */
  void picture(SvgElement element, @Nullable Picture picture) {
    if (picture == null) {
      say("svg.skipped.image");
    } else {
      say("svg.picture", picture.name(), picture.pixelsWide(), picture.pixelsHigh());
    }
  }

  void effects(SvgElement element, Style style) {
    if (style.reference("filter") != null) {
      say("svg.skipped.filter", named(element));
    }
    for (String marker : List.of("marker", "marker-start", "marker-mid", "marker-end")) {
      if (style.reference(marker) != null && !element.name().equals("g")) {
        say("svg.skipped.marker", named(element));
      }
    }
  }

  void mask(SvgElement element) {
    say("svg.skipped.mask", named(element));
  }

  void softMask(SvgElement element) {
    say("svg.soft-mask", named(element));
  }

  void seeThrough(SvgElement element) {
    say("svg.see-through", named(element));
  }

  void gradient(SvgElement element) {
    say("svg.skipped.gradient", named(element));
  }

  /** A gradient that is cut in one colour. */
  void flattened(SvgElement element, String colour, GradientColour as) {
    if (as == GradientColour.MEAN) {
      say("svg.averaged", named(element), colour);
    } else {
      say("svg.gradient-as", named(element), as.term(), colour);
    }
  }

  void broken(SvgElement element, int at) {
    say("svg.skipped.broken", named(element), at);
  }

  void elsewhere(SvgElement element) {
    say("svg.skipped.elsewhere", named(element));
  }

  void outside() {
    say("svg.skipped.outside");
  }

  List<Sentence> sentences() {
    return new ArrayList<>(sentences);
  }

  private void say(String key, Object... arguments) {
    if (sentences.size() < MOST) {
      sentences.add(Sentence.of(key, arguments));
    }
  }

  static String named(SvgElement element) {
    String id = element.attribute("id");
    return id == null ? element.name() : shortened(id);
  }

  private static String shortened(String text) {
    return text.length() > 40 ? text.substring(0, 40) + "…" : text;
  }
}
