package velvetkettle.server.intake;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.art.ArtKind;
import velvetkettle.core.art.Placement;
import velvetkettle.core.cloth.Colour;
import velvetkettle.core.cloth.Depth;
import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.cloth.GarmentKind;
import velvetkettle.core.cloth.Hue;
import velvetkettle.core.cloth.Obstacle;
import velvetkettle.core.cloth.Size;
import velvetkettle.core.intake.Field;
import velvetkettle.core.intake.Hints;
import velvetkettle.core.intake.Intake;
import velvetkettle.core.intake.Intake.Due;
import velvetkettle.core.intake.Intake.SizeCount;
import velvetkettle.core.intake.IntakeReader;
import velvetkettle.core.intake.NextQuestion;
import velvetkettle.core.intake.Questions;
import velvetkettle.core.intake.Said;
import velvetkettle.core.intake.Usual;
import velvetkettle.core.quantity.Sentence;

/**
 * What an order says, in the fields of a ticket.
 *
 * @param read what was said or is usual, in the order of the ticket
 * @param question what is asked next; null where nothing is left to ask
 * @param hints where such orders go wrong
 */
public record IntakeView(
    List<ReadField> read,
    OrderValues values,
    @Nullable NextQuestion question,
    List<Sentence> hints) {
  /** How far a field is to be trusted. */
  public enum Trust {
    SAID,
    UNSURE,
    /** It was not said, and is mostly so. */
    USUAL
  }

  /**
   * @param from index of the first character of the sentence that says it; 0 where none does
   * @param to behind the last one
   */
  public record ReadField(Field field, Trust trust, int from, int to) {}

  /**
   * As a ticket has them; null where nothing was read. Lengths in mm.
   *
   * @param garment what it is called; empty where it is not
   * @param goesOn likewise
   */
  public record OrderValues(
      String garment,
      @Nullable GarmentKind kind,
      @Nullable Size fits,
      @Nullable String label,
      @Nullable Fabric fabric,
      @Nullable String colour,
      @Nullable Depth depth,
      @Nullable Hue hue,
      @Nullable Set<Obstacle> obstacles,
      @Nullable List<SizeCount> sizes,
      String goesOn,
      @Nullable ArtKind art,
      @Nullable Depth lightest,
      @Nullable Double width,
      @Nullable Double height,
      @Nullable Placement placement,
      @Nullable Integer pieces,
      @Nullable LocalDate dueDay,
      @Nullable LocalTime dueTime) {}

  static IntakeView of(IntakeForm form, boolean inches) {
    Intake intake = IntakeReader.read(form.sentence(), form.today());
    Set<Field> known = form.known() == null ? Set.of() : form.known();
    // Nothing is usual of an order that says nothing, nor of what is known.
    Map<Field, Object> usual = new EnumMap<>(Field.class);
    if (!intake.isEmpty()) {
      usual.putAll(Usual.of(intake));
    }
    usual.keySet().removeAll(known);
    List<ReadField> read = new ArrayList<>();
    Map<Field, Object> all = new EnumMap<>(Field.class);
    for (Field field : Field.values()) {
      Said<?> said = intake.get(field).orElse(null);
      if (said != null) {
        read.add(
            new ReadField(field, said.sure() ? Trust.SAID : Trust.UNSURE, said.from(), said.to()));
        all.put(field, said.value());
      } else if (usual.containsKey(field)) {
        read.add(new ReadField(field, Trust.USUAL, 0, 0));
        all.put(field, usual.get(field));
      }
    }
    return new IntakeView(
        read,
        values(intake, all),
        Questions.next(intake, inches, known).orElse(null),
        Hints.of(form.sentence(), intake, form.today()));
  }

  @SuppressWarnings("unchecked") // Intake says of what type each field is.
  private static OrderValues values(Intake intake, Map<Field, Object> all) {
    Colour colour = (Colour) all.get(Field.COLOUR);
    Due due = (Due) all.get(Field.DUE);
    return new OrderValues(
        intake.garment(),
        (GarmentKind) all.get(Field.KIND),
        (Size) all.get(Field.FITS),
        (String) all.get(Field.LABEL),
        (Fabric) all.get(Field.FABRIC),
        colour == null ? null : colour.name(),
        colour == null ? null : colour.depth(),
        colour == null ? null : colour.hue(),
        (Set<Obstacle>) all.get(Field.OBSTACLES),
        (List<SizeCount>) all.get(Field.SIZES),
        intake.goesOn(),
        (ArtKind) all.get(Field.ART),
        (Depth) all.get(Field.LIGHT),
        (Double) all.get(Field.WIDTH),
        (Double) all.get(Field.HEIGHT),
        (Placement) all.get(Field.PLACE),
        (Integer) all.get(Field.PIECES),
        due == null ? null : due.day(),
        due == null ? null : due.time());
  }
}
