package velvetkettle.core.media;

import java.util.List;
import velvetkettle.core.press.Layer;
import velvetkettle.core.press.LayerKind;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.press.Substance;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;

/**
 * A digital print on film with powdered glue. Window: common practice, no source. Layer
 * thicknesses: engineering estimates.
 */
public record DigitalTransfer() implements Transfer {
  private static final Window WINDOW =
      Window.of(140, 160, 8, 15, Pressure.MEDIUM, Peel.WARM).usually(150, 12);

  @Override
  public String key() {
    return "xfer-dtf";
  }

  @Override
  public Window window() {
    return WINDOW;
  }

  @Override
  public Palette palette() {
    return Palette.ANY;
  }

  @Override
  public Millimetres thinnestStroke() {
    return Millimetres.of(0.5);
  }

  @Override
  public boolean stretches() {
    return true;
  }

  /** Printing, powdering and curing a sheet. */
  @Override
  public Seconds settingUp() {
    return Seconds.of(900);
  }

  @Override
  public int hand() {
    return 3;
  }

  @Override
  public int wear() {
    return 4;
  }

  @Override
  public List<Layer> layers() {
    return List.of(
        Layer.of(LayerKind.CARRIER, Sentence.of("layer.carrier"), 0.08, Substance.CARRIER_FILM),
        Layer.of(LayerKind.FILM, Sentence.of("layer.printed-film"), 0.03, Substance.POLYURETHANE),
        Layer.of(LayerKind.GLUE, Sentence.of("layer.glue"), 0.08, Substance.HOT_MELT));
  }
}
