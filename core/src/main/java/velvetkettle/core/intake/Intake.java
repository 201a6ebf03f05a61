package velvetkettle.core.intake;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.cloth.Colour;

/**
 * What was read in a sentence. Values: LABEL the label as text; KIND, FABRIC, ART and PLACE of
 * their vocabularies; COLOUR a {@link Colour}; LIGHT the depth of the art's lightest tone; WIDTH
 * and HEIGHT in millimetres; PIECES a whole number; DUE a {@link Due}; SIZES a list of {@link
 * SizeCount}; FITS a {@link velvetkettle.core.cloth.Size}; OBSTACLES a set of {@link
 * velvetkettle.core.cloth.Obstacle}, empty where there is said to be none.
 *
 * @param garment what the garment is called in the sentence; empty where it is not
 * @param goesOn what goes on is called; empty likewise
 */
public record Intake(Map<Field, Said<?>> fields, String garment, String goesOn) {

  /** Without these no advice is worth much. */
  private static final List<Field> NEEDED =
      List.of(
          Field.LABEL, Field.KIND, Field.COLOUR, Field.ART, Field.WIDTH, Field.PLACE, Field.PIECES);

  public Intake {
    fields = fields.isEmpty() ? Map.of() : Map.copyOf(new EnumMap<>(fields));
  }

  /**
   * @param time null where only the day is said
   */
  public record Due(LocalDate day, @Nullable LocalTime time) {}

  /** How many of a size as it stands on the garment. */
  public record SizeCount(String size, int pieces) {}

  public Optional<Said<?>> get(Field field) {
    return Optional.ofNullable(fields.get(field));
  }

  /** What was read of a field as what it is; null where nothing was. */
  <T> @Nullable T value(Field field, Class<T> as) {
    Said<?> said = fields.get(field);
    return said == null ? null : as.cast(said.value());
  }

  /** Whether nothing at all was read. */
  public boolean isEmpty() {
    return fields.isEmpty();
  }

  /** What to ask for, the first that matters most first. */
  public List<Field> missing() {
    return NEEDED.stream().filter(field -> !fields.containsKey(field)).toList();
  }

  /** What to look at again. */
  public Stream<Field> unsure() {
    return Stream.of(Field.values())
        .filter(field -> fields.containsKey(field) && !fields.get(field).sure());
  }
}
