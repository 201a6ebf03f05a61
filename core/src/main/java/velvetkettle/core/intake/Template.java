package velvetkettle.core.intake;

import static velvetkettle.core.cloth.EndUse.HOME_WASH;
import static velvetkettle.core.cloth.EndUse.INDUSTRIAL_WASH;
import static velvetkettle.core.cloth.EndUse.OUTDOORS;
import static velvetkettle.core.cloth.EndUse.PROTECTIVE;
import static velvetkettle.core.cloth.EndUse.SMALL_CHILDREN;

import java.util.List;
import java.util.Set;
import velvetkettle.core.cloth.EndUse;
import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.cloth.Finish;
import velvetkettle.core.cloth.GarmentKind;
import velvetkettle.core.cloth.Obstacle;
import velvetkettle.core.cloth.Size;
import velvetkettle.core.quantity.Term;

/**
 * A garment of the trade with the cloth that it mostly has [common practice, no source]: a start,
 * whose label is then read from the garment itself.
 *
 * @param key of its name in the words
 */
public record Template(
    String key,
    GarmentKind kind,
    Size fits,
    Fabric fabric,
    String label,
    Finish finish,
    Set<Obstacle> obstacles,
    Set<EndUse> uses) {
  public static final List<Template> ALL =
      List.of(
          of("everyday-tee", GarmentKind.TOP, Fabric.JERSEY, "100% cotton"),
          of("sports-top", GarmentKind.TOP, Fabric.INTERLOCK, "100% polyester")
              .uses(EndUse.NEXT_TO_SKIN, HOME_WASH),
          of("hooded-sweatshirt", GarmentKind.SWEATSHIRT, Fabric.FLEECE, "80% cotton 20% polyester")
              .has(Obstacle.HOOD, Obstacle.POCKET),
          of("polo-shirt", GarmentKind.TOP, Fabric.PIQUE, "100% cotton")
              .has(Obstacle.COLLAR, Obstacle.BUTTON),
          of("work-jacket", GarmentKind.JACKET, Fabric.TWILL, "65% polyester 35% cotton")
              .has(Obstacle.ZIP, Obstacle.POCKET)
              .uses(INDUSTRIAL_WASH),
          of("softshell-jacket", GarmentKind.JACKET, Fabric.SOFTSHELL, "100% polyester")
              .repels()
              .has(Obstacle.ZIP, Obstacle.POCKET_ZIP)
              .uses(OUTDOORS),
          of("rain-jacket", GarmentKind.JACKET, Fabric.NYLON_SHELL, "100% nylon")
              .repels()
              .has(Obstacle.ZIP, Obstacle.LINING)
              .uses(OUTDOORS),
          of(
                  "high-visibility-vest",
                  GarmentKind.HIGH_VISIBILITY_VEST,
                  Fabric.INTERLOCK,
                  "100% polyester")
              .has(Obstacle.REFLECTIVE_TAPE)
              .uses(PROTECTIVE),
          of("workwear-apron", GarmentKind.APRON, Fabric.TWILL, "65% polyester 35% cotton")
              .has(Obstacle.POCKET)
              .uses(INDUSTRIAL_WASH),
          of("twill-cap", GarmentKind.CAP, Fabric.TWILL, "100% cotton").has(Obstacle.BRIM),
          of("canvas-bag", GarmentKind.BAG, Fabric.CANVAS, "100% cotton").has(Obstacle.HANDLE),
          of("baby-bodysuit", GarmentKind.BODYSUIT, Fabric.INTERLOCK, "100% cotton")
              .fitting(Size.BABY)
              .has(Obstacle.SNAP)
              .uses(SMALL_CHILDREN),
          of("dance-leotard", GarmentKind.COSTUME, Fabric.ELASTANE_KNIT, "80% nylon 20% elastane")
              .uses(EndUse.NEXT_TO_SKIN),
          of("bath-towel", GarmentKind.TOWEL, Fabric.TOWEL, "100% cotton").uses(HOME_WASH));

  /** Its name. */
  public Term name() {
    return new Term("template." + key);
  }

  private static Template of(String key, GarmentKind kind, Fabric fabric, String label) {
    return new Template(key, kind, Size.ADULT, fabric, label, Finish.NONE, Set.of(), Set.of());
  }

  private Template has(Obstacle... all) {
    return new Template(key, kind, fits, fabric, label, finish, Set.of(all), uses);
  }

  private Template uses(EndUse... all) {
    return new Template(key, kind, fits, fabric, label, finish, obstacles, Set.of(all));
  }

  private Template fitting(Size size) {
    return new Template(key, kind, size, fabric, label, finish, obstacles, uses);
  }

  private Template repels() {
    return new Template(key, kind, fits, fabric, label, Finish.WATER_REPELLENT, obstacles, uses);
  }
}
