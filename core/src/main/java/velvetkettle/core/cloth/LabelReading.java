package velvetkettle.core.cloth;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.quantity.Sentence;

/**
 * What was understood of a label.
 *
 * @param blend of the shell, or of all where no part is named; null where it was refused
 * @param parts what other parts are of; empty where the label names none
 * @param refusal why it could not be read; null where it was
 * @param notes what was assumed or is missing, and what other parts were read
 */
public record LabelReading(
    @Nullable Blend blend,
    Map<GarmentPart, Blend> parts,
    @Nullable Sentence refusal,
    List<Sentence> notes) {
  public LabelReading {
    parts = Map.copyOf(parts);
    notes = List.copyOf(notes);
  }

  static LabelReading of(Blend blend, List<Sentence> notes) {
    return new LabelReading(blend, Map.of(), null, notes);
  }

  static LabelReading refused(String key, Object... arguments) {
    return new LabelReading(null, Map.of(), Sentence.of(key, arguments), List.of());
  }

  /**
   * A label with its parts. The only one that it names is what the maker holds: it stands for all
   * of the cloth; of a shell that it does not name among others nothing is known.
   *
   * @param readings none refused, at least one
   */
  static LabelReading inParts(Map<GarmentPart, LabelReading> readings) {
    if (readings.size() == 1) {
      return readings.values().iterator().next().alone(readings.keySet().iterator().next());
    }
    LabelReading shell = readings.getOrDefault(GarmentPart.SHELL, nothingKnown());
    List<Sentence> notes = new ArrayList<>(shell.notes);
    Map<GarmentPart, Blend> parts = new EnumMap<>(GarmentPart.class);
    readings.forEach(
        (part, reading) -> {
          Blend blend = reading.blend;
          if (part != GarmentPart.SHELL && blend != null) {
            parts.put(part, blend);
            notes.add(part(part, blend));
            notes.addAll(reading.notes);
          }
        });
    return new LabelReading(shell.blend, parts, null, notes);
  }

  private LabelReading alone(GarmentPart part) {
    if (part == GarmentPart.SHELL || blend == null) {
      return this;
    }
    List<Sentence> told = new ArrayList<>(notes);
    told.add(Sentence.of("label.only-part", part));
    return of(blend, told);
  }

  /** Of cloth that nobody knows. */
  static LabelReading nothingKnown() {
    return of(Blend.of(Fibre.UNKNOWN), List.of(Sentence.of("label.nothing-known")));
  }

  private static Sentence part(GarmentPart part, Blend blend) {
    FibreShare main = blend.shares().get(0);
    String key = blend.shares().size() == 1 ? "label.part" : "label.part-mixed";
    return Sentence.of(key, part, main.fibre(), (int) Math.round(main.percent()));
  }
}
