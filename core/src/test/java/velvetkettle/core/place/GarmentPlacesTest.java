package velvetkettle.core.place;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import velvetkettle.core.art.Placement;
import velvetkettle.core.cloth.Blend;
import velvetkettle.core.cloth.ClothSpec;
import velvetkettle.core.cloth.Colour;
import velvetkettle.core.cloth.Depth;
import velvetkettle.core.cloth.DyeKind;
import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.cloth.Finish;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.cloth.GarmentFace;
import velvetkettle.core.cloth.GarmentKind;
import velvetkettle.core.cloth.Hue;
import velvetkettle.core.cloth.IronMark;
import velvetkettle.core.cloth.Size;
import velvetkettle.core.quantity.Millimetres;

class GarmentPlacesTest {
  @ParameterizedTest
  @EnumSource(GarmentKind.class)
  @DisplayName("small art lies on the cloth at each place that a garment has, in every size")
  void onTheCloth(GarmentKind kind) {
    List<String> off = new ArrayList<>();
    for (Size size : Size.values()) {
      Garment garment = garment(kind, size);
      GarmentPattern pattern = GarmentPattern.of(garment);
      Millimetres side = Millimetres.of(size == Size.ADULT ? 24 : 16);
      for (Placement place : GarmentPlaces.of(kind)) {
        if (place == Placement.ALL_OVER) {
          continue;
        }
        Spot spot = PlacementGuide.usual(garment, place, side, side);
        double held = pattern.outline(spot.face()).holds(spot.area(side, side));
        if (held < 0.95) {
          off.add("%s %s: %s holds %.2f".formatted(size, place, spot, held));
        }
      }
    }
    assertThat(off).isEmpty();
  }

  @Test
  @DisplayName("left and right lie even, the back on the back, the hem below the chest")
  void whereTheyAre() {
    Garment tee = garment(GarmentKind.SWEATSHIRT, Size.ADULT);
    assertThat(spot(tee, Placement.RIGHT_CHEST).fromCentre())
        .isEqualTo(-spot(tee, Placement.LEFT_CHEST).fromCentre());
    assertThat(spot(tee, Placement.RIGHT_SLEEVE).fromCentre())
        .isEqualTo(-spot(tee, Placement.SLEEVE).fromCentre());
    for (Placement place : Placement.values()) {
      assertThat(spot(tee, place).face())
          .isEqualTo(place.onBack() ? GarmentFace.BACK : GarmentFace.FRONT);
    }
    assertThat(spot(tee, Placement.NAPE).belowCollar())
        .isLessThan(spot(tee, Placement.UPPER_BACK).belowCollar());
    assertThat(spot(tee, Placement.NECKLINE).belowCollar())
        .isLessThan(spot(tee, Placement.CHEST).belowCollar());
    assertThat(spot(tee, Placement.HEM).belowCollar())
        .isGreaterThan(spot(tee, Placement.SIDE).belowCollar());
  }

  @Test
  @DisplayName("a panel has no chest, a cap no sleeve, and everything has a place")
  void whatHasNone() {
    assertThat(GarmentPlaces.has(GarmentKind.PANEL, Placement.CHEST)).isFalse();
    assertThat(GarmentPlaces.has(GarmentKind.CAP, Placement.SLEEVE)).isFalse();
    assertThat(GarmentPlaces.has(GarmentKind.TROUSERS, Placement.LEG)).isTrue();
    assertThat(GarmentKind.values())
        .allSatisfy(kind -> assertThat(GarmentPlaces.of(kind)).isNotEmpty());
  }

  private static Spot spot(Garment garment, Placement place) {
    Millimetres side = Millimetres.of(40);
    return PlacementGuide.usual(garment, place, side, side);
  }

  private static Garment garment(GarmentKind kind, Size size) {
    return new Garment(
        "piece",
        kind,
        size,
        new ClothSpec(
            Blend.of(Fibre.COTTON),
            Fabric.TWILL,
            new Colour("white", Depth.WHITE, Hue.NEUTRAL),
            DyeKind.UNDYED,
            Finish.NONE,
            IronMark.UNKNOWN),
        Set.of());
  }
}
