package velvetkettle.core.media.trait;

import java.util.List;
import velvetkettle.core.press.Layer;
import velvetkettle.core.press.LayerKind;
import velvetkettle.core.press.Substance;

/**
 * What a medium is made of, and how it joins the cloth.
 *
 * @param layers its own layers in the press, from the side away from the cloth, last the glue or
 *     ink that meets the cloth
 * @param bondsToShell whether its glue wets a nylon shell or a repellent finish at all well
 * @param leastPolyester the least share of polyester it needs, %; 0 where any cloth does
 * @param blocksDye whether it keeps the dye gas of a polyester from the colours above
 * @param metalLayer whether metal lies in it, which dye does not cross: only its glue edge may tint
 * @param thin a skin of print and glue, which a pile pushes through
 * @param hasNap a nap or a pattern, so that its pieces are not turned when they are cut
 * @param smallParts whether parts of it can come off and be swallowed
 * @param metal whether metal of it can lie on skin
 * @param lies where it lies on the cloth
 */
public record Construction(
    List<Layer> layers,
    Glue glue,
    boolean bondsToShell,
    double leastPolyester,
    boolean blocksDye,
    boolean metalLayer,
    boolean thin,
    boolean hasNap,
    boolean smallParts,
    boolean metal,
    Lies lies) {
  /** From so thick on it bridges a pile, mm (engineering estimate). */
  private static final double BRIDGES = 0.15;

  public Construction {
    layers = List.copyOf(layers);
  }

  /** Whether nothing of it lies on the cloth afterwards: its ink goes into the fibre. */
  public boolean dyesTheCloth() {
    return glue == Glue.NONE;
  }

  /** Whether its ink turns to gas under the press, and goes wherever nothing stops it. */
  public boolean gasInk() {
    return layers.stream().anyMatch(layer -> layer.kind() == LayerKind.INK);
  }

  /** Whether a carrier or paper comes off after the main press. */
  public boolean hasCarrier() {
    return layers.stream().anyMatch(Construction::carries);
  }

  /** What is left of it once its carrier is off. */
  public List<Layer> withoutCarrier() {
    return layers.stream().filter(layer -> !carries(layer)).toList();
  }

  /** What lies on that. */
  public List<Layer> aboveLowest() {
    return layers.subList(0, layers.size() - 1);
  }

  /** Whether it bridges a cut pile instead of sinking into it. */
  public boolean bridgesPile() {
    return thickness() >= BRIDGES;
  }

  /** Whether there are stones or a rim in it, which do not give under a platen. */
  public boolean standsOut() {
    return layers.stream()
        .map(Layer::substance)
        .anyMatch(of -> of == Substance.STONE || of == Substance.EMBROIDERY);
  }

  /** How thick it lies on the cloth once its carrier is off, mm. */
  private double thickness() {
    return withoutCarrier().stream()
        .filter(layer -> layer.thickness() != null)
        .mapToDouble(layer -> layer.thickness().count())
        .sum();
  }

  /** What meets the cloth. */
  public Layer lowest() {
    return layers.get(layers.size() - 1);
  }

  /** Whether it comes off after the main press. */
  public static boolean carries(Layer layer) {
    return layer.kind() == LayerKind.CARRIER || layer.kind() == LayerKind.PAPER;
  }
}
