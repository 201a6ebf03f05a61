package velvetkettle.server.speech;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import velvetkettle.core.art.ArtKind;
import velvetkettle.core.art.Parts;
import velvetkettle.core.art.Placement;
import velvetkettle.core.art.Surface;
import velvetkettle.core.cloth.Depth;
import velvetkettle.core.cloth.DyeKind;
import velvetkettle.core.cloth.EndUse;
import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.cloth.Finish;
import velvetkettle.core.cloth.GarmentFace;
import velvetkettle.core.cloth.GarmentKind;
import velvetkettle.core.cloth.HeatDamage;
import velvetkettle.core.cloth.Hue;
import velvetkettle.core.cloth.IronMark;
import velvetkettle.core.cloth.Obstacle;
import velvetkettle.core.cloth.Size;
import velvetkettle.core.colour.Contrast;
import velvetkettle.core.cut.art.Overlap;
import velvetkettle.core.cut.drawn.LineRole;
import velvetkettle.core.cut.label.Fold;
import velvetkettle.core.cut.letter.Face;
import velvetkettle.core.cut.motif.Part;
import velvetkettle.core.cut.stone.Pattern;
import velvetkettle.core.cut.stone.StoneTool;
import velvetkettle.core.cut.strip.Corner;
import velvetkettle.core.cut.svg.GradientColour;
import velvetkettle.core.cut.weed.FaultKind;
import velvetkettle.core.heat.Question;
import velvetkettle.core.heat.Verdict;
import velvetkettle.core.heat.certainty.Basis;
import velvetkettle.core.log.Observation;
import velvetkettle.core.media.MediaCatalogue;
import velvetkettle.core.media.Medium;
import velvetkettle.core.media.NoHeat;
import velvetkettle.core.media.trait.CutFace;
import velvetkettle.core.media.trait.ExtraPress;
import velvetkettle.core.media.trait.Layering;
import velvetkettle.core.media.trait.Orientation;
import velvetkettle.core.media.trait.Palette;
import velvetkettle.core.media.trait.Peel;
import velvetkettle.core.media.trait.Stitch;
import velvetkettle.core.place.GarmentPlaces;
import velvetkettle.core.place.PlatenApproach;
import velvetkettle.core.plan.Caution;
import velvetkettle.core.plan.option.Criterion;
import velvetkettle.core.plan.order.StepKind;
import velvetkettle.core.plan.order.Warmth;
import velvetkettle.core.plan.recipe.Source;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.Pad;
import velvetkettle.core.press.PressKind;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.press.Side;
import velvetkettle.core.press.StoneSize;
import velvetkettle.core.quantity.Term;
import velvetkettle.core.quantity.Worded;
import velvetkettle.core.school.Dispute;
import velvetkettle.core.school.School;

/** Every term of the trade with its name, so that the web keeps no list of its own. */
@RestController
@RequestMapping("/api/vocabulary")
public class VocabularyController {
  private static final List<Worded[]> VOCABULARIES =
      List.of(
          Fibre.values(),
          HeatDamage.values(),
          Fabric.values(),
          GarmentKind.values(),
          Depth.values(),
          Hue.values(),
          DyeKind.values(),
          Finish.values(),
          Obstacle.values(),
          EndUse.values(),
          IronMark.values(),
          Size.values(),
          Pressure.values(),
          CoverSheet.values(),
          Pad.values(),
          PressKind.values(),
          Side.values(),
          Peel.values(),
          Orientation.values(),
          CutFace.values(),
          Stitch.values(),
          ArtKind.values(),
          Parts.values(),
          Placement.values(),
          GarmentFace.values(),
          PlatenApproach.values(),
          Surface.values(),
          Palette.values(),
          Layering.values(),
          ExtraPress.Kind.values(),
          StoneSize.values(),
          Criterion.values(),
          Dispute.values(),
          School.values(),
          Basis.values(),
          Question.values(),
          Verdict.values(),
          Source.values(),
          Caution.values(),
          Warmth.values(),
          StepKind.values(),
          Overlap.values(),
          FaultKind.values(),
          Face.values(),
          GradientColour.values(),
          Observation.values(),
          Fold.values(),
          Corner.values(),
          Pattern.values(),
          StoneTool.values(),
          Part.values(),
          Contrast.values(),
          LineRole.values());

  private final Speech speech;
  private final MediaCatalogue media;

  VocabularyController(Speech speech, MediaCatalogue media) {
    this.media = media;
    this.speech = speech;
  }

  /** A value as it stands in requests, and as people call it. */
  public record Word(String value, String name) {}

  @GetMapping
  public Map<String, List<Word>> vocabulary() {
    Map<String, List<Word>> all = new LinkedHashMap<>();
    for (Worded[] vocabulary : VOCABULARIES) {
      all.put(vocabulary[0].vocabulary(), words(Arrays.stream(vocabulary)));
    }
    // Each kind of garment has places of its own.
    for (GarmentKind kind : GarmentKind.values()) {
      all.put("placement." + kind.name(), words(GarmentPlaces.of(kind).stream()));
    }
    // What is cloth itself is asked for its fibres.
    all.put("art.piece", words(Arrays.stream(ArtKind.values()).filter(ArtKind::isPiece)));
    Stream<String> keys =
        Stream.concat(media.all().stream().map(Medium::key), Stream.of(NoHeat.KEY));
    all.put(
        "medium", keys.map(key -> new Word(key, speech.say(new Term("medium." + key)))).toList());
    return all;
  }

  private List<Word> words(Stream<? extends Worded> vocabulary) {
    return vocabulary.map(word -> new Word(word.name(), speech.say(word.term()))).toList();
  }
}
