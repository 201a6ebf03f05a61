package velvetkettle.server.press;

import velvetkettle.core.press.Workroom;
import velvetkettle.core.quantity.Celsius;

/** A shop's workroom as kept. */
public record WorkroomRow(String owner, double airC, double humidity, int version) {
  Workroom workroom() {
    return new Workroom(Celsius.of(airC), humidity);
  }
}
