package velvetkettle.server.press;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.apache.commons.csv.CSVRecord;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.server.problem.RefusedException;
import velvetkettle.server.table.SeparatedText;

/**
 * A probe's trace as a table: seconds and °C, or °F where a title says so.
 *
 * <ol>
 *   <li>Titles are passed over; every other line has two numbers, with point or comma.
 *   <li>The press closes where the probe begins to rise; what was before is left out.
 *   <li>Of more moments than are kept, as many are left out evenly.
 * </ol>
 */
final class TraceFile {
  static final int LARGEST = 1_000_000;
  private static final int KEPT = 600;
  private static final int LEAST = 10;

  /** A probe that lies there shows the room, within so many kelvin. */
  private static final double RISES = 4;

  private final List<MeasuringForm.Moment> moments = new ArrayList<>();
  private boolean fahrenheit;

  private TraceFile() {}

  static List<MeasuringForm.Moment> read(byte[] bytes) {
    if (bytes.length > LARGEST) {
      throw new RefusedException("trace", Sentence.of("trace.large", LARGEST / 1_000_000));
    }
    TraceFile file = new TraceFile();
    SeparatedText.read(withPoints(bytes)).lines().forEach(file::add);
    return file.closed();
  }

  /** Where semicolons or tabs part the cells, a comma is a decimal one. */
  private static byte[] withPoints(byte[] bytes) {
    boolean parted = false;
    for (byte each : bytes) {
      parted = parted || each == ';' || each == '\t';
    }
    byte[] points = bytes.clone();
    for (int i = 0; parted && i < points.length; i++) {
      points[i] = points[i] == ',' ? (byte) '.' : points[i];
    }
    return points;
  }

  private void add(SeparatedText.Line line) {
    CSVRecord cells = line.cells();
    OptionalDouble second = number(cells, 0);
    OptionalDouble read = number(cells, 1);
    if (second.isEmpty() || read.isEmpty()) {
      if (!moments.isEmpty()) {
        throw new RefusedException("trace", Sentence.of("trace.line", line.number()));
      }
      fahrenheit = fahrenheit || String.join(" ", cells.toList()).contains("°F");
      return;
    }
    double celsius = fahrenheit ? (read.getAsDouble() - 32) / 1.8 : read.getAsDouble();
    if (!moments.isEmpty() && second.getAsDouble() <= moments.get(moments.size() - 1).second()) {
      throw new RefusedException("trace", Sentence.of("trace.back", line.number()));
    }
    moments.add(new MeasuringForm.Moment(second.getAsDouble(), celsius));
  }

  private static OptionalDouble number(CSVRecord cells, int cell) {
    if (cells.size() <= cell) {
      return OptionalDouble.empty();
    }
    String point = cells.get(cell).strip();
    return point.matches("[-+]?\\d{1,6}(\\.\\d{1,9})?")
        ? OptionalDouble.of(Double.parseDouble(point))
        : OptionalDouble.empty();
  }

  private List<MeasuringForm.Moment> closed() {
    int first = 0;
    while (first < moments.size()
        && moments.get(first).celsius() < moments.get(0).celsius() + RISES) {
      first++;
    }
    int from = Math.max(0, first - 1);
    int count = moments.size() - from;
    if (count < LEAST || first == moments.size()) {
      throw new RefusedException("trace", Sentence.of("trace.none", LEAST));
    }
    double closes = moments.get(from).second();
    List<MeasuringForm.Moment> kept = new ArrayList<>();
    int every = (count + KEPT - 1) / KEPT;
    for (int i = from; i < moments.size(); i += every) {
      MeasuringForm.Moment moment = moments.get(i);
      kept.add(new MeasuringForm.Moment(moment.second() - closes, moment.celsius()));
    }
    return kept;
  }
}
