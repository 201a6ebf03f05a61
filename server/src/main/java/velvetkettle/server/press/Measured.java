package velvetkettle.server.press;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import velvetkettle.core.heat.measure.Measuring;
import velvetkettle.core.press.Calibration;
import velvetkettle.core.press.PlatenMap;
import velvetkettle.core.quantity.Kelvin;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.core.quantity.Times;

/**
 * What a measuring comes to.
 *
 * @param eightOfTen within what the difference lies in eight of ten such measurings
 */
public record Measured(Calibration calibration, Kelvin eightOfTen, List<Sentence> said) {
  static Measured of(Measuring measuring, LocalDate on) {
    Calibration calibration = measuring.calibration(on);
    Kelvin eightOfTen = Kelvin.of(Math.round(10 * Measuring.eightOfTen(measuring.known())) / 10.0);
    List<Sentence> said = new ArrayList<>();
    double high = calibration.readsHigh().degrees();
    said.add(
        Sentence.of(
            high >= 0 ? "measured.high" : "measured.low", Kelvin.of(Math.abs(high)), eightOfTen));
    Double contact = calibration.contact();
    if (contact != null) {
      said.add(
          Sentence.of(
              "measured.contact", Times.of(contact), Times.of(calibration.contactSpread())));
    }
    PlatenMap map = calibration.map();
    if (map != null) {
      said.add(Sentence.of("measured.coldest", Kelvin.of(map.coldest())));
    }
    if (measuring.asksForStrip()) {
      said.add(Sentence.of("measured.far-out"));
    }
    return new Measured(calibration, eightOfTen, said);
  }
}
