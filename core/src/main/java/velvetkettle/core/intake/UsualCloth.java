package velvetkettle.core.intake;

import static velvetkettle.core.cloth.Fabric.CANVAS;
import static velvetkettle.core.cloth.Fabric.ELASTANE_KNIT;
import static velvetkettle.core.cloth.Fabric.FLEECE;
import static velvetkettle.core.cloth.Fabric.INTERLOCK;
import static velvetkettle.core.cloth.Fabric.JERSEY;
import static velvetkettle.core.cloth.Fabric.NYLON_SHELL;
import static velvetkettle.core.cloth.Fabric.RIB;
import static velvetkettle.core.cloth.Fabric.SATIN_RIBBON;
import static velvetkettle.core.cloth.Fabric.SOFTSHELL;
import static velvetkettle.core.cloth.Fabric.TOWEL;
import static velvetkettle.core.cloth.Fabric.TWILL;
import static velvetkettle.core.cloth.Fabric.WOOL_COATING;
import static velvetkettle.core.cloth.Fabric.WOVEN_SATIN;
import static velvetkettle.core.cloth.Fabric.WOVEN_SHIRTING;

import java.util.List;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.cloth.Blend;
import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.cloth.GarmentKind;
import velvetkettle.core.cloth.LabelReader;

/**
 * What garments are usually made of [common practice, no source].
 *
 * @param labels the likeliest first, as a label says it
 */
record UsualCloth(Fabric fabric, List<String> labels) {
  private static UsualCloth of(Fabric fabric, String... labels) {
    return new UsualCloth(fabric, List.of(labels));
  }

  static UsualCloth of(GarmentKind kind) {
    return switch (kind) {
      case TOP -> of(JERSEY, "100% cotton", "100% polyester", "50% cotton 50% polyester");
      case LONG_SLEEVE, DRESS -> of(JERSEY, "100% cotton", "95% cotton 5% elastane");
      case SHIRT -> of(WOVEN_SHIRTING, "100% cotton", "65% polyester 35% cotton");
      case SWEATSHIRT -> of(FLEECE, "80% cotton 20% polyester", "100% cotton", "100% polyester");
      case JACKET, VEST -> of(SOFTSHELL, "100% polyester", "100% nylon", "100% cotton");
      case HIGH_VISIBILITY_VEST -> of(INTERLOCK, "100% polyester");
      case BODYSUIT, BIB -> of(INTERLOCK, "100% cotton", "100% polyester");
      case COSTUME, LEGGINGS ->
          of(ELASTANE_KNIT, "80% nylon 20% elastane", "85% polyester 15% elastane");
      case TROUSERS, SKIRT -> of(TWILL, "100% cotton", "65% polyester 35% cotton");
      case APRON -> of(TWILL, "65% polyester 35% cotton", "100% cotton");
      case CAP -> of(TWILL, "100% cotton", "65% polyester 35% cotton", "100% polyester");
      case KNITTED_HAT -> of(RIB, "100% acrylic", "50% wool 50% acrylic");
      case BAG -> of(CANVAS, "100% cotton", "100% nylon", "100% polyester");
      case CUSHION, PANEL -> of(CANVAS, "100% cotton", "100% polyester", "100% linen");
      case FLAG, PENNANT -> of(WOVEN_SHIRTING, "100% polyester", "100% cotton");
      case CAPE, TIE -> of(WOVEN_SATIN, "100% polyester", "100% silk");
      case SCARF -> of(WOVEN_SATIN, "100% silk", "100% polyester", "100% cotton");
      case TOWEL -> of(TOWEL, "100% cotton");
      case FLAT_LINEN -> of(WOVEN_SHIRTING, "100% cotton", "100% linen", "100% polyester");
      case CANOPY_PANEL -> of(NYLON_SHELL, "100% polyester", "100% nylon");
      case RIBBON -> of(SATIN_RIBBON, "100% polyester");
    };
  }

  /** The fabric that such a garment of these fibres mostly is. */
  static Fabric fabric(GarmentKind kind, @Nullable String label) {
    Blend blend = label == null ? null : LabelReader.read(label).blend();
    Fabric usual = of(kind).fabric();
    if (blend == null) {
      return usual;
    }
    Fibre most = blend.mainFibre();
    boolean shell = usual == SOFTSHELL || usual == CANVAS;
    if (shell && (most == Fibre.POLYAMIDE_6 || most == Fibre.POLYAMIDE_66)) {
      return NYLON_SHELL;
    }
    if (usual == SOFTSHELL && most == Fibre.WOOL) {
      return WOOL_COATING;
    }
    if (usual == SOFTSHELL && (most == Fibre.COTTON || most == Fibre.LINEN)) {
      return TWILL;
    }
    return usual == WOVEN_SATIN && (most == Fibre.COTTON || most == Fibre.WOOL)
        ? WOVEN_SHIRTING
        : usual;
  }
}
