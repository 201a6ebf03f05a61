package velvetkettle.server.press;

import java.util.UUID;
import velvetkettle.core.press.Calibration;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.PressKind;
import velvetkettle.core.quantity.Kelvin;
import velvetkettle.core.quantity.Millimetres;

/** A row of table press. */
public record PressRow(
    UUID id,
    String owner,
    String name,
    PressKind kind,
    double platenWidthMm,
    double platenDepthMm,
    double readsHighK,
    double giveOrTakeK,
    boolean measured,
    int position,
    int version) {
  public static PressRow of(UUID id, String owner, Press press, int position, int version) {
    return new PressRow(
        id,
        owner,
        press.name(),
        press.kind(),
        press.platenWidth().count(),
        press.platenDepth().count(),
        press.calibration().readsHigh().degrees(),
        press.calibration().giveOrTake().degrees(),
        press.calibration().measured(),
        position,
        version);
  }

  public Press press() {
    return new Press(
        name,
        kind,
        Millimetres.of(platenWidthMm),
        Millimetres.of(platenDepthMm),
        new Calibration(Kelvin.of(readsHighK), Kelvin.of(giveOrTakeK), measured));
  }
}
