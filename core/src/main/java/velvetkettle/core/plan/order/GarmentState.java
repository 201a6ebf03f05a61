package velvetkettle.core.plan.order;

import java.util.LinkedHashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.work.Act;
import velvetkettle.core.work.Purpose;

/**
 * The garment between two operations: how warm and dry it is, what lies on it and how much heat it
 * has had.
 *
 * @param lying by decoration, in the order in which they were laid on
 * @param underHeat all press time so far
 * @param hottest the hottest platen it has met; null before the first press
 */
public record GarmentState(
    Warmth warmth,
    boolean dried,
    Map<String, DecorationState> lying,
    Seconds underHeat,
    int presses,
    @Nullable Celsius hottest) {
  /** How far a decoration has got. */
  public enum DecorationState {
    PLACED,
    TACKED,
    BONDED,
    CARRIER_OFF,
    FINISHED
  }

  public static final GarmentState FRESH =
      new GarmentState(Warmth.COOL, false, Map.of(), Seconds.of(0), 0, null);

  private GarmentState pressed(Celsius platen, Seconds time) {
    Celsius peak = hottest == null || hottest.compareTo(platen) < 0 ? platen : hottest;
    return new GarmentState(Warmth.HOT, true, lying, underHeat.plus(time), presses + 1, peak);
  }

  private GarmentState warmth(Warmth now) {
    return new GarmentState(now, dried, lying, underHeat, presses, hottest);
  }

  private GarmentState with(String decoration, DecorationState now) {
    Map<String, DecorationState> changed = new LinkedHashMap<>(lying);
    changed.put(decoration, now);
    return new GarmentState(warmth, dried, Map.copyOf(changed), underHeat, presses, hottest);
  }

  /**
   * What an act makes of it.
   *
   * @param platen how hot the tool is that the garment lies under; null where none closes
   */
  public GarmentState after(Act act, @Nullable Celsius platen) {
    String thing = act.thing();
    if (act instanceof Act.Close close && platen != null) {
      GarmentState pressed = pressed(platen, close.time());
      return thing == null
          ? pressed.warmth(Warmth.WARM)
          : pressed.with(thing, leaves(close.purpose()));
    }
    if (act instanceof Act.Wait) {
      return warmth(Warmth.COOL);
    }
    if (act instanceof Act.PeelOff peel && thing != null) {
      Warmth now =
          switch (peel.when()) {
            case HOT -> Warmth.HOT;
            case WARM -> Warmth.WARM;
            case COLD, NONE -> Warmth.COOL;
          };
      GarmentState peeled = warmth(now);
      return peel.left().isEmpty() ? peeled.with(thing, DecorationState.CARRIER_OFF) : peeled;
    }
    if (act instanceof Act.LayOn && thing != null) {
      return with(thing, DecorationState.PLACED);
    }
    if ((act instanceof Act.StitchEdge || act instanceof Act.Fasten) && thing != null) {
      return with(thing, DecorationState.FINISHED);
    }
    return act instanceof Act.Inspect ? finished() : this;
  }

  private static DecorationState leaves(Purpose purpose) {
    return switch (purpose) {
      case PRE_PRESS, PRIME -> DecorationState.PLACED;
      case TACK, COLOUR -> DecorationState.TACKED;
      case MAIN -> DecorationState.BONDED;
      case SECOND, FROM_BACK -> DecorationState.FINISHED;
    };
  }

  private GarmentState finished() {
    GarmentState after = warmth(Warmth.COOL);
    for (String decoration : lying.keySet()) {
      after = after.with(decoration, DecorationState.FINISHED);
    }
    return after;
  }
}
