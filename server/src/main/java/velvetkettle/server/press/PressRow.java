package velvetkettle.server.press;

import java.time.LocalDate;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.press.Calibration;
import velvetkettle.core.press.Closing;
import velvetkettle.core.press.Pad;
import velvetkettle.core.press.PlatenMap;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.PressKind;
import velvetkettle.core.press.StoneSize;
import velvetkettle.core.quantity.Kelvin;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.server.json.Json;

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
    @Nullable Double contact,
    @Nullable Double contactTimes,
    @Nullable Json places,
    @Nullable LocalDate measuredOn,
    @Nullable Double newtons,
    @Nullable Integer scale,
    boolean cladInPtfe,
    Json tips,
    @Nullable Pad lowerSide,
    int position,
    int version) {
  public static PressRow of(
      UUID id,
      String owner,
      Press press,
      Json tips,
      @Nullable Json places,
      int position,
      int version) {
    Closing closing = press.closing();
    Calibration calibration = press.calibration();
    return new PressRow(
        id,
        owner,
        press.name(),
        press.kind(),
        press.platenWidth().count(),
        press.platenDepth().count(),
        calibration.readsHigh().degrees(),
        calibration.giveOrTake().degrees(),
        calibration.measured(),
        calibration.contact(),
        calibration.contactTimes(),
        places,
        calibration.on(),
        closing == null ? null : closing.newtons(),
        closing == null ? null : closing.scale(),
        press.cladInPtfe(),
        tips,
        press.lower() == press.kind().usualPad() ? null : press.lower(),
        position,
        version);
  }

  Press press(Set<StoneSize> fitting, @Nullable PlatenMap map) {
    return new Press(
        id.toString(),
        name,
        kind,
        Millimetres.of(platenWidthMm),
        Millimetres.of(platenDepthMm),
        new Calibration(
            Kelvin.of(readsHighK),
            Kelvin.of(giveOrTakeK),
            measured,
            contact,
            contactTimes,
            map,
            measuredOn),
        newtons == null || scale == null ? null : new Closing(newtons, scale),
        cladInPtfe,
        fitting,
        lowerSide == null ? kind.usualPad() : lowerSide);
  }
}
