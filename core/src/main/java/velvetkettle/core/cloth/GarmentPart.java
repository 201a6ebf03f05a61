package velvetkettle.core.cloth;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import velvetkettle.core.quantity.Worded;

/**
 * A part of a garment that a label may name with fibres of its own [common practice, no source].
 */
public enum GarmentPart implements Worded {
  SHELL(false, "shell", "outer", "outside", "body", "face", "main", "front"),
  BACK(false, "back"),
  SLEEVE(false, "sleeve", "sleeves"),
  HOOD(false, "hood"),
  TRIM(false, "trim", "rib", "ribs", "ribbing", "cuff", "cuffs", "collar", "hem", "contrast"),
  LINING(true, "lining", "inner", "inside", "backing"),
  FILLING(true, "filling", "padding", "wadding", "fill"),
  COATING(true, "coating", "membrane", "laminate"),
  /** Other cloth that is put on or in; no label of the garment speaks of it. */
  PIECE(true);

  private static final Map<String, GarmentPart> BY_WORD =
      Stream.of(values())
          .flatMap(part -> part.labelWords.stream().map(word -> Map.entry(word, part)))
          .collect(Collectors.toUnmodifiableMap(Map.Entry::getKey, Map.Entry::getValue));

  private final boolean liesWithin;
  private final List<String> labelWords;

  GarmentPart(boolean liesWithin, String... labelWords) {
    this.liesWithin = liesWithin;
    this.labelWords = List.of(labelWords);
  }

  /** Whether it lies behind the others, and gets hot wherever they are pressed. */
  public boolean liesWithin() {
    return liesWithin;
  }

  /** What labels call it, in lower case. */
  public List<String> labelWords() {
    return labelWords;
  }

  static Optional<GarmentPart> named(String word) {
    return Optional.ofNullable(BY_WORD.get(word));
  }

  @Override
  public String vocabulary() {
    return "part";
  }
}
