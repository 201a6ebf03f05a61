package velvetkettle.core.plan.rule;

import java.util.List;
import java.util.Optional;

/**
 * All rules, in the order in which a veto is told: the first one that speaks is the one the maker
 * reads.
 */
public final class Rules {
  private static final List<Rule> ALL =
      List.of(
          new ClothTakesNoPress(),
          new CrossedIronOnMeltingCloth(),
          new ArtNeedsItsMedium(),
          new DarkClothHidesInk(),
          new SublimationNeedsPolyester(),
          new PrimerNeedsPlantFibre(),
          new PrimerNotNeeded(),
          new InkHasNoWhite(),
          new PieceTakesNoInk(),
          new SurfaceIsWanted(),
          new ChildrenUnderThree(),
          new NeedsItsTool(),
          new TipFitsStone(),
          new SteamShrinksWool(),
          new SteamOnShyCloth(),
          new StencilInOnePosition(),
          new StrokeTooThin(),
          new NothingOverIt(),
          new LiningIsInTheWay(),
          new PilePushesThrough(),
          new PileIsCrushed(),
          new DoesNotLast(),
          new SewingClosesThePocket(),
          new BladeMeetsPocket(),
          new StonesAreGlued(),
          new ShopStitches(),
          new ManyCuts(),
          new RisesOnce(),
          new PaleOnBlends(),
          new StretchNeedsStretch(),
          new WeakTrace(),
          new CertifiedWear(),
          new DyeIsASlip(),
          new SlickCloth(),
          new MembraneIsDelicate(),
          new OldPrintSoftens(),
          new PigmentRubsOff(),
          new LeavesABox(),
          new MayNotLast(),
          new NoSuchPlace(),
          new EdgeIsStitched(),
          new CutClothFrays(),
          new FieldsBetweenSeams(),
          new NarrowTube(),
          new CapIsCurved(),
          new GlueThroughMesh(),
          new PrimerOnTape(),
          new ManyStonesByHand(),
          new SmallStonesLieLower(),
          new FewColours(),
          new RunIsSmall(),
          new GroundOnLightCloth(),
          new LittleContrast(),
          new GlossOrMatt());

  private Rules() {}

  public static List<Rule> all() {
    return ALL;
  }

  public static List<Finding> judge(Weighing weighing) {
    return judge(ALL, weighing);
  }

  public static List<Finding> judge(List<Rule> rules, Weighing weighing) {
    return rules.stream().map(rule -> rule.judge(weighing)).flatMap(Optional::stream).toList();
  }
}
