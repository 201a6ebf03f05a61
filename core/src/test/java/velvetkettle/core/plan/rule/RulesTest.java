package velvetkettle.core.plan.rule;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import velvetkettle.core.art.ArtKind;
import velvetkettle.core.art.ArtSize;
import velvetkettle.core.art.Artwork;
import velvetkettle.core.art.Detail;
import velvetkettle.core.art.Piece;
import velvetkettle.core.art.Placement;
import velvetkettle.core.art.StoneCount;
import velvetkettle.core.art.Surface;
import velvetkettle.core.art.Tones;
import velvetkettle.core.cloth.Blend;
import velvetkettle.core.cloth.ClothSpec;
import velvetkettle.core.cloth.Colour;
import velvetkettle.core.cloth.Depth;
import velvetkettle.core.cloth.DyeKind;
import velvetkettle.core.cloth.EndUse;
import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.cloth.Finish;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.cloth.GarmentKind;
import velvetkettle.core.cloth.Hue;
import velvetkettle.core.cloth.IronMark;
import velvetkettle.core.cloth.Layout;
import velvetkettle.core.cloth.Obstacle;
import velvetkettle.core.cloth.Size;
import velvetkettle.core.media.MediaCatalogue;
import velvetkettle.core.press.Calibration;
import velvetkettle.core.press.Pad;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.PressKind;
import velvetkettle.core.press.StoneSize;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.school.School;
import velvetkettle.core.school.Schools;
import velvetkettle.core.shelf.InstructionSheet;

/** Each rule with a case in which it speaks and its nearest neighbour in which it is silent. */
class RulesTest {
  /** Cases: common practice, no source. */
  static Stream<Case> cases() {
    return Stream.of(
        veto("cloth-takes-no-press", new Job().of(Blend.of(Fibre.POLYPROPYLENE)), new Job()),
        veto(
            "cloth-takes-no-press",
            new Job().finish(Finish.WAXED),
            new Job().finish(Finish.SOFTENER)),
        veto(
            "crossed-iron-on-melting-cloth",
            new Job().of(Blend.of(Fibre.COTTON, 95, Fibre.ACRYLIC)).iron(IronMark.CROSSED),
            new Job().iron(IronMark.CROSSED)),
        veto(
            "art-needs-its-medium", new Job().art(ArtKind.PHOTOGRAPH), new Job().art(ArtKind.LOGO)),
        veto(
            "dark-cloth-hides-ink",
            new Job().by("paper-light").depth(Depth.MEDIUM),
            new Job().by("paper-light").depth(Depth.LIGHT)),
        veto(
            "sublimation-needs-polyester",
            new Job().by("sub-direct").of(Blend.of(Fibre.POLYESTER, 64, Fibre.COTTON)),
            new Job().by("sub-direct").of(Blend.of(Fibre.POLYESTER, 65, Fibre.COTTON))),
        veto(
            "piece-takes-no-ink",
            new Job().by("panel-print").piece(Blend.of(Fibre.POLYESTER, 64, Fibre.COTTON)),
            new Job().by("panel-print").piece(Blend.of(Fibre.POLYESTER, 65, Fibre.COTTON))),
        veto(
            "piece-takes-no-ink",
            new Job().by("patch-print").piece(Blend.of(Fibre.COTTON)),
            new Job().by("patch-web").piece(Blend.of(Fibre.COTTON))),
        veto(
            "lining-is-in-the-way",
            new Job().by("label-print").inTheWay(Obstacle.LINING),
            new Job().by("patch-web").inTheWay(Obstacle.LINING)),
        veto(
            "lining-is-in-the-way",
            new Job().by("panel-cloth").inTheWay(Obstacle.PADDING),
            new Job().by("panel-cloth").inTheWay(Obstacle.POCKET)),
        veto(
            "blade-meets-pocket",
            new Job().by("panel-cloth").at(Placement.POCKET),
            new Job().by("panel-cloth").at(Placement.BACK)),
        veto(
            "blade-meets-pocket",
            new Job().by("panel-print").at(Placement.POCKET),
            new Job().by("panel-print").at(Placement.POCKET).cloth(Fabric.LACE)),
        caution(
            "cut-cloth-frays",
            new Job().by("panel-film").cloth(Fabric.TWILL),
            new Job().by("panel-film").cloth(Fabric.FELT)),
        caution(
            "cut-cloth-frays",
            new Job().by("panel-print").cloth(Fabric.CANVAS),
            new Job().by("label-print").cloth(Fabric.CANVAS)),
        veto(
            "ink-has-no-white",
            new Job().by("paper-light").lightest(Depth.WHITE),
            new Job().by("paper-light").lightest(Depth.LIGHT)),
        veto(
            "needs-its-tool",
            new Job().by("sub-direct").on(PressKind.IRON_DRY),
            new Job().by("sub-direct").on(PressKind.HAND_LARGE)),
        veto("needs-its-tool", new Job().on(PressKind.WAND), new Job().on(PressKind.IRON_DRY)),
        veto(
            "needs-its-tool",
            new Job().by("web-stretch").on(PressKind.PLATE_CLAM),
            new Job().by("web-stretch").on(PressKind.IRON_STEAM)),
        veto(
            "needs-its-tool",
            new Job().by("stone-wand").on(PressKind.PLATE_CLAM),
            new Job().by("stone-wand").on(PressKind.WAND)),
        veto(
            "primer-needs-plant-fibre",
            new Job().by("sub-coated").of(Blend.of(Fibre.WOOL)),
            new Job().by("sub-coated").of(Blend.of(Fibre.COTTON, 60, Fibre.POLYESTER))),
        veto(
            "primer-not-needed",
            new Job().by("sub-coated").of(Blend.of(Fibre.POLYESTER, 65, Fibre.COTTON)),
            new Job().by("sub-coated").of(Blend.of(Fibre.POLYESTER, 64, Fibre.COTTON))),
        veto(
            "surface-is-wanted",
            new Job().surface(Surface.GLITTER),
            new Job().surface(Surface.GLOSS)),
        veto(
            "surface-is-wanted",
            new Job().by("film-glitter"),
            new Job().by("film-glitter").surface(Surface.GLITTER)),
        veto(
            "tip-fits-stone",
            new Job().by("stone-wand").on(PressKind.WAND).stones(StoneSize.SS30, 10),
            new Job().by("stone-wand").on(PressKind.WAND).stones(StoneSize.SS10, 10)),
        veto(
            "steam-shrinks-wool",
            new Job().by("web-stretch").of(Blend.of(Fibre.WOOL)),
            new Job().by("web-strong").of(Blend.of(Fibre.WOOL))),
        veto(
            "steam-shrinks-wool",
            new Job().of(Blend.of(Fibre.WOOL)).on(PressKind.IRON_STEAM).sheetSteams(true),
            new Job()
                .by("web-stretch")
                .of(Blend.of(Fibre.WOOL))
                .on(PressKind.IRON_STEAM)
                .sheetSteams(false)),
        veto(
            "steam-on-shy-cloth",
            new Job().by("web-stretch").of(Blend.of(Fibre.ACRYLIC)),
            new Job().by("web-stretch").of(Blend.of(Fibre.COTTON))),
        veto(
            "steam-on-shy-cloth",
            new Job().of(Blend.of(Fibre.SILK)).on(PressKind.IRON_STEAM).sheetSteams(true),
            new Job()
                .by("stone-sheet")
                .of(Blend.of(Fibre.SILK))
                .on(PressKind.IRON_STEAM)
                .sheetSteams(true)),
        veto(
            "needs-its-tool",
            new Job().on(PressKind.PLATE_CLAM).sheetSteams(true),
            new Job().on(PressKind.IRON_STEAM).sheetSteams(true)),
        veto(
            "stencil-in-one-position",
            new Job().by("stone-stencil").positions(2),
            new Job().by("stone-stencil").positions(1)),
        veto(
            "stencil-in-one-position",
            new Job().by("stone-stencil").positions(4),
            new Job().by("stone-sheet").positions(4)),
        veto(
            "rises-once",
            new Job().by("film-puff").surface(Surface.RAISED).colours(2),
            new Job().by("film-puff").surface(Surface.RAISED).colours(1)),
        veto(
            "nothing-over-it",
            new Job().by("film-flock").surface(Surface.VELVET).layered(),
            new Job().layered()),
        veto(
            "pile-pushes-through",
            new Job().by("xfer-dtf").cloth(Fabric.TOWEL),
            new Job().by("sub-direct").cloth(Fabric.TOWEL)),
        caution(
            "pile-pushes-through", new Job().cloth(Fabric.TOWEL), new Job().cloth(Fabric.FLEECE)),
        veto(
            "sewing-closes-the-pocket",
            new Job().by("web-light").at(Placement.POCKET),
            new Job().by("web-strong").at(Placement.POCKET)),
        veto(
            "stones-are-glued",
            new Job().by("stone-sheet").school(School.STONES_GLUED),
            new Job().by("stone-sheet")),
        veto(
            "shop-stitches",
            new Job().by("web-strong").school(School.STITCH_ALWAYS),
            new Job().by("web-light").school(School.STITCH_ALWAYS)),
        veto("many-cuts", new Job().colours(9), new Job().by("xfer-dtf").colours(9)),
        caution("many-cuts", new Job().colours(5), new Job().colours(4)),
        caution("edge-is-stitched", new Job().by("web-light"), new Job().by("web-strong")),
        caution(
            "fields-between-seams",
            new Job().cloth(Fabric.PADDED_SHELL),
            new Job().cloth(Fabric.NYLON_SHELL)),
        caution("narrow-tube", new Job().at(Placement.SLEEVE), new Job().at(Placement.CHEST)),
        caution(
            "narrow-tube",
            new Job().at(Placement.SLEEVE),
            new Job().at(Placement.SLEEVE).on(PressKind.HAND_MINI)),
        caution(
            "cap-is-curved",
            new Job().kindOf(GarmentKind.CAP),
            new Job().kindOf(GarmentKind.CAP).on(PressKind.HAND_MINI)),
        caution(
            "glue-through-mesh",
            new Job().cloth(Fabric.MESH),
            new Job().by("sub-direct").cloth(Fabric.MESH)),
        caution(
            "primer-on-tape",
            new Job().by("sub-coated").cloth(Fabric.TWILL_TAPE),
            new Job().by("sub-coated").cloth(Fabric.CANVAS)),
        caution(
            "many-stones-by-hand",
            new Job().by("stone-wand").on(PressKind.WAND).stones(StoneSize.SS10, 151),
            new Job().by("stone-wand").on(PressKind.WAND).stones(StoneSize.SS10, 150)),
        caution(
            "few-colours",
            new Job().by("film-block").colours(3),
            new Job().by("film-block").colours(2)),
        caution(
            "run-is-small", new Job().by("xfer-screen"), new Job().by("xfer-screen").pieces(20)),
        caution(
            "ground-on-light-cloth",
            new Job().by("paper-dark"),
            new Job().by("paper-dark").depth(Depth.DARK)),
        caution(
            "gloss-or-matt",
            new Job().depth(Depth.DARK).lightest(Depth.DARK),
            new Job().depth(Depth.DARK).lightest(Depth.DARK).surface(Surface.MATT)),
        caution(
            "gloss-or-matt",
            new Job().depth(Depth.DARK).lightest(Depth.DARK),
            new Job().depth(Depth.DARK).lightest(Depth.LIGHT)),
        caution("little-contrast", new Job().lightest(Depth.WHITE), new Job()),
        veto("stroke-too-thin", new Job().stroke(0.9), new Job().stroke(1)),
        veto(
            "small-parts-under-three",
            new Job().by("patch-web").art(ArtKind.MADE_PATCH).size(Size.TODDLER),
            new Job().by("patch-web").art(ArtKind.MADE_PATCH).size(Size.YOUTH)),
        caution(
            "pale-on-blends",
            new Job().by("sub-direct").of(Blend.of(Fibre.POLYESTER, 80, Fibre.COTTON)),
            new Job().by("sub-direct").of(Blend.of(Fibre.POLYESTER))),
        caution(
            "stretches-further",
            new Job().of(Blend.of(Fibre.POLYESTER, 90, Fibre.ELASTANE)),
            new Job().of(Blend.of(Fibre.POLYESTER, 91, Fibre.ELASTANE))),
        caution(
            "stretches-further",
            new Job().cloth(Fabric.ELASTANE_KNIT),
            new Job().by("film-stretch").cloth(Fabric.ELASTANE_KNIT)),
        veto("pile-is-crushed", new Job().cloth(Fabric.VELVET), new Job().cloth(Fabric.FLEECE)),
        caution(
            "pile-is-crushed",
            new Job().by("film-flock").surface(Surface.VELVET).cloth(Fabric.CORDUROY),
            new Job().by("film-flock").surface(Surface.VELVET).cloth(Fabric.TOWEL)),
        veto(
            "does-not-last",
            new Job().by("film-low").use(EndUse.INDUSTRIAL_WASH),
            new Job().by("film-low").use(EndUse.HOME_WASH)),
        caution(
            "may-not-last",
            new Job().by("film-nylon").use(EndUse.DRY_CLEANING),
            new Job().use(EndUse.INDUSTRIAL_WASH)),
        caution(
            "certified-wear",
            new Job().use(EndUse.PROTECTIVE),
            new Job().use(EndUse.INDUSTRIAL_WASH)),
        caution(
            "certified-wear",
            new Job().kindOf(GarmentKind.HIGH_VISIBILITY_VEST),
            new Job().kindOf(GarmentKind.VEST)),
        caution(
            "certified-wear",
            new Job().inTheWay(Obstacle.REFLECTIVE_TAPE),
            new Job().inTheWay(Obstacle.ZIP)),
        caution("dye-is-a-slip", new Job().dye(DyeKind.DISPERSE), new Job().dye(DyeKind.REACTIVE)),
        caution(
            "dye-is-a-slip",
            new Job().of(Blend.of(Fibre.COTTON, 60, Fibre.POLYESTER)).dye(DyeKind.REACTIVE),
            new Job().of(Blend.of(Fibre.COTTON, 60, Fibre.POLYESTER)).dye(DyeKind.DISPERSE)),
        caution(
            "slick-cloth",
            new Job().finish(Finish.WATER_REPELLENT),
            new Job().by("film-nylon").finish(Finish.WATER_REPELLENT)),
        caution(
            "membrane-is-delicate",
            new Job().cloth(Fabric.SOFTSHELL),
            new Job().cloth(Fabric.NYLON_SHELL)),
        caution(
            "old-print-softens",
            new Job().inTheWay(Obstacle.OLD_PRINT),
            new Job().inTheWay(Obstacle.EMBROIDERY)),
        caution(
            "pigment-rubs-off",
            new Job().dye(DyeKind.PIGMENT),
            new Job().of(Blend.of(Fibre.POLYESTER)).dye(DyeKind.PIGMENT)),
        caution(
            "leaves-a-box",
            new Job().of(Blend.of(Fibre.POLYESTER)),
            new Job().of(Blend.of(Fibre.POLYESTER)).on(PressKind.HAND_MINI)),
        caution(
            "leaves-a-box",
            new Job().of(Blend.of(Fibre.POLYESTER, 50, Fibre.COTTON)),
            new Job().of(Blend.of(Fibre.POLYESTER, 49, Fibre.COTTON))),
        caution("leaves-a-box", new Job().cloth(Fabric.FLEECE), new Job().cloth(Fabric.INTERLOCK)),
        caution(
            "pale-on-blends",
            new Job().by("sub-direct").of(Blend.of(Fibre.POLYESTER, 65, Fibre.COTTON)),
            new Job().by("sub-direct").of(Blend.of(Fibre.POLYESTER, 99, Fibre.COTTON))),
        caution(
            "pale-on-blends",
            new Job().by("sub-direct").of(Blend.of(Fibre.POLYESTER, 65, Fibre.COTTON)),
            new Job().of(Blend.of(Fibre.POLYESTER, 65, Fibre.COTTON))),
        caution("many-cuts", new Job().colours(8), new Job().colours(3)),
        veto("many-cuts", new Job().colours(9), new Job().colours(3)),
        caution(
            "small-stones-lie-lower",
            new Job()
                .by("stone-sheet")
                .on(PressKind.HAND_LARGE)
                .stones(StoneSize.SS34, 9, StoneSize.SS6),
            new Job()
                .by("stone-sheet")
                .on(PressKind.HAND_LARGE)
                .stones(StoneSize.SS30, 9, StoneSize.SS6)),
        caution(
            "small-stones-lie-lower",
            new Job().by("stone-sheet").over(Pad.FOAM_PAD).stones(StoneSize.SS34, 9, StoneSize.SS6),
            new Job().by("stone-wand").on(PressKind.WAND).stones(StoneSize.SS34, 9, StoneSize.SS6)),
        veto(
            "tip-fits-stone",
            new Job().by("stone-wand").on(PressKind.WAND).stones(StoneSize.SS10, 10, StoneSize.SS6),
            new Job().by("stone-wand").on(PressKind.WAND).stones(StoneSize.SS10, 10)),
        veto(
            "primer-needs-plant-fibre",
            new Job().by("sub-coated").of(Blend.of(Fibre.COTTON, 94, Fibre.WOOL)),
            new Job().by("sub-coated").of(Blend.of(Fibre.COTTON, 95, Fibre.WOOL))),
        veto(
            "surface-is-wanted",
            new Job().surface(Surface.GLITTER),
            new Job().by("film-glitter").surface(Surface.GLITTER)),
        caution(
            "no-such-place",
            new Job().kindOf(GarmentKind.PANEL),
            new Job().kindOf(GarmentKind.PANEL).at(Placement.MIDDLE)),
        caution(
            "weak-trace",
            new Job().of(Blend.of(Fibre.COTTON, 96, Fibre.ELASTANE)),
            new Job().of(Blend.of(Fibre.COTTON, 95, Fibre.ELASTANE))));
  }

  @ParameterizedTest
  @MethodSource("cases")
  void speaksWhereItMust(Case of) {
    assertThat(findings(of.speaks()))
        .anySatisfy(
            finding -> {
              assertThat(finding.rule()).isEqualTo(of.rule());
              assertThat(finding.veto()).isEqualTo(of.veto());
            });
  }

  @ParameterizedTest
  @MethodSource("cases")
  void isSilentNextToIt(Case of) {
    assertThat(findings(of.silent())).extracting(Finding::rule).doesNotContain(of.rule());
  }

  @Test
  @DisplayName("no rule is without a case, and ids are unique")
  void everyRuleHasACase() {
    Set<String> tried = cases().map(Case::rule).collect(Collectors.toCollection(TreeSet::new));
    assertThat(Rules.all()).extracting(Rule::id).containsExactlyInAnyOrderElementsOf(tried);
  }

  @Test
  @DisplayName("the primer is offered only where nearly all of the cloth can be primed")
  void primerForPlantFibres() {
    assertThat(liftOnSublimation(Blend.of(Fibre.COTTON))).endsWith("lift-primer");
    assertThat(liftOnSublimation(Blend.of(Fibre.COTTON, 60, Fibre.POLYESTER)))
        .endsWith("lift-primer");
    assertThat(liftOnSublimation(Blend.of(Fibre.WOOL))).endsWith(".lift");
  }

  /** What is written beside a veto of art for a medium, and of a medium for its tool. */
  @ParameterizedTest
  @CsvSource({
    "LETTERING, stone-sheet, as-stones",
    "LOGO, stone-sheet, as-stones",
    "LETTERING, web-light, as-applique",
    "LOGO, web-light, as-applique",
    "PHOTOGRAPH, film-smooth, print",
    "PHOTOGRAPH, web-light, print",
    "PHOTOGRAPH, stone-sheet, print",
    "ALL_OVER_PRINT, film-smooth, print",
    "MADE_PATCH, film-smooth, patch",
    "BADGE, film-smooth, patch",
    "PRINTED_PATCH, film-smooth, blank",
    "LOGO, patch-web, made",
    "STONES, film-smooth, stones",
    "APPLIQUE, film-smooth, web",
    "SECOND_LAYER, film-smooth, web",
    "PANEL, film-smooth, panel",
    "LABEL, film-smooth, label"
  })
  void artIsMadeOverOrAnotherMediumTaken(ArtKind art, String medium, String lift) {
    assertThat(lifts(new Job().art(art).by(medium), "art-needs-its-medium"))
        .containsExactly("rule.art-needs-its-medium.lift-" + lift);
  }

  @ParameterizedTest
  @CsvSource({
    "stone-wand, PLATE_CLAM, wand",
    "web-stretch, PLATE_CLAM, steam",
    "web-stretch, WAND, steam",
    "film-smooth, WAND, platen"
  })
  void aToolThatCanDoItIsNamed(String medium, PressKind press, String lift) {
    assertThat(lifts(new Job().by(medium).on(press), "needs-its-tool"))
        .containsExactly("rule.needs-its-tool.lift-" + lift);
  }

  @ParameterizedTest
  @CsvSource({"film-glitter, ANY, special", "film-smooth, GLITTER, plain"})
  void aPlainMediumAndASpecialOneAreToldApart(String medium, Surface wanted, String key) {
    assertThat(lifts(new Job().by(medium).surface(wanted), "surface-is-wanted"))
        .containsExactly("rule.surface-is-wanted." + key + ".lift");
  }

  @Test
  @DisplayName("a use that a rule of its own speaks of is not told again as one that may not last")
  void ownRules() {
    for (EndUse use : List.of(EndUse.PROTECTIVE, EndUse.SMALL_CHILDREN)) {
      assertThat(findings(new Job().use(use)))
          .extracting(Finding::rule)
          .doesNotContain("may-not-last");
    }
  }

  @Test
  @DisplayName("a finding answers the question of its rule")
  void questions() {
    assertThat(Rules.all()).allSatisfy(rule -> assertThat(rule.question()).isNotNull());
    cases()
        .forEach(
            of ->
                assertThat(findings(of.speaks()))
                    .filteredOn(finding -> finding.rule().equals(of.rule()))
                    .allMatch(
                        finding ->
                            Rules.all().stream()
                                .anyMatch(
                                    rule ->
                                        rule.id().equals(of.rule())
                                            && rule.question() == finding.question())));
  }

  private static List<String> lifts(Job job, String rule) {
    return findings(job).stream()
        .filter(finding -> finding.rule().equals(rule))
        .map(finding -> finding.lift() == null ? "" : finding.lift().key())
        .toList();
  }

  private static String liftOnSublimation(Blend blend) {
    return findings(new Job().by("sub-direct").of(blend)).stream()
        .filter(finding -> finding.rule().equals("sublimation-needs-polyester"))
        .map(finding -> finding.lift() == null ? "" : finding.lift().key())
        .findFirst()
        .orElse("");
  }

  private static List<Finding> findings(Job job) {
    return Rules.judge(job.weighing());
  }

  private record Case(String rule, boolean veto, Job speaks, Job silent) {
    @Override
    public String toString() {
      return rule;
    }
  }

  private static Case veto(String rule, Job speaks, Job silent) {
    return new Case(rule, true, speaks, silent);
  }

  private static Case caution(String rule, Job speaks, Job silent) {
    return new Case(rule, false, speaks, silent);
  }

  /**
   * A one-colour logo of film on a white cotton tee, on a plate press, until something is changed.
   */
  private static final class Job {
    private Blend blend = Blend.of(Fibre.COTTON);
    private DyeKind dye = DyeKind.UNDYED;
    private Set<EndUse> uses = Set.of();
    private Set<Obstacle> obstacles = Set.of();
    private Finish finish = Finish.NONE;
    private IronMark iron = IronMark.UNKNOWN;
    private Size size = Size.ADULT;
    private Depth depth = Depth.WHITE;
    private ArtKind kind = ArtKind.LOGO;
    private Depth lightest = Depth.DARK;
    private Millimetres stroke = Millimetres.of(3);
    private Fabric fabric = Fabric.JERSEY;
    private GarmentKind garment = GarmentKind.TOP;
    private Surface surface = Surface.ANY;
    private Placement placement = Placement.CHEST;
    private int colours = 1;
    private int pieces = 1;
    private boolean layered;
    private @Nullable Boolean sheetSteam;
    private @Nullable Piece piece;
    private int positions = 1;
    private StoneSize stoneSize;
    private Set<StoneSize> smaller = Set.of();
    private int stones;
    private @Nullable Pad lower;
    private Schools schools = Schools.OURS;
    private String medium = "film-smooth";
    private PressKind press = PressKind.PLATE_CLAM;

    Job of(Blend other) {
      blend = other;
      return this;
    }

    Job dye(DyeKind other) {
      dye = other;
      return this;
    }

    Job piece(Blend other) {
      kind = ArtKind.PANEL;
      piece = new Piece(other, false);
      return this;
    }

    Job use(EndUse other) {
      uses = Set.of(other);
      return this;
    }

    Job inTheWay(Obstacle other) {
      obstacles = Set.of(other);
      return this;
    }

    Job finish(Finish other) {
      finish = other;
      return this;
    }

    Job iron(IronMark other) {
      iron = other;
      return this;
    }

    Job size(Size other) {
      size = other;
      return this;
    }

    Job depth(Depth other) {
      depth = other;
      return this;
    }

    Job art(ArtKind other) {
      kind = other;
      return this;
    }

    Job lightest(Depth other) {
      lightest = other;
      return this;
    }

    Job stroke(double millimetres) {
      stroke = Millimetres.of(millimetres);
      return this;
    }

    Job by(String other) {
      medium = other;
      return this;
    }

    Job on(PressKind other) {
      press = other;
      return this;
    }

    Job cloth(Fabric other) {
      fabric = other;
      return this;
    }

    Job kindOf(GarmentKind other) {
      garment = other;
      return this;
    }

    Job surface(Surface other) {
      surface = other;
      return this;
    }

    Job at(Placement other) {
      placement = other;
      return this;
    }

    Job colours(int count) {
      colours = count;
      return this;
    }

    Job pieces(int count) {
      pieces = count;
      return this;
    }

    Job sheetSteams(boolean asked) {
      sheetSteam = asked;
      return this;
    }

    Job positions(int count) {
      positions = count;
      return this;
    }

    Job layered() {
      layered = true;
      return this;
    }

    Job stones(StoneSize of, int count, StoneSize... others) {
      stoneSize = of;
      smaller = Set.of(others);
      stones = count;
      return this;
    }

    Job over(Pad pad) {
      lower = pad;
      return this;
    }

    Job school(School kept) {
      schools = Schools.of(kept);
      return this;
    }

    Weighing weighing() {
      return new Weighing(
          new Garment(
              "tee",
              garment,
              size,
              new ClothSpec(
                  blend, fabric, new Colour("shade", depth, Hue.NEUTRAL), dye, finish, iron),
              obstacles,
              Layout.USUAL,
              uses),
          new Artwork(
              "logo",
              kind,
              new ArtSize(Millimetres.of(100), Millimetres.of(100)),
              new Tones(colours, lightest),
              placement,
              surface,
              new Detail(stroke, layered, null),
              new StoneCount(stoneSize, stones, smaller),
              piece),
          MediaCatalogue.TRADE.get(medium),
          new InstructionSheet(null, null, null, null, null, sheetSteam, null),
          new Press(
              "Press",
              "Press",
              press,
              Millimetres.of(380),
              Millimetres.of(380),
              Calibration.NONE,
              null,
              false,
              press == PressKind.WAND ? Set.of(StoneSize.SS10) : Set.of(),
              lower == null ? press.usualPad() : lower),
          positions,
          pieces,
          schools);
    }
  }
}
