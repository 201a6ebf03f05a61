package velvetkettle.core.plan.order;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.plan.recipe.Setting;
import velvetkettle.core.press.Pad;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.press.StoneSize;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.work.Act;

/** Sets the tools as the next closing needs them, and only what is not set so already. */
final class ToolActs {
  private final List<Act> acts;
  private final Map<String, Celsius> hot = new HashMap<>();
  private final Map<String, Pressure> firm = new HashMap<>();
  private final Map<String, Pad> lower = new HashMap<>();
  private final Map<String, Boolean> steaming = new HashMap<>();
  private final Map<String, StoneSize> tips = new HashMap<>();

  ToolActs(List<Act> acts) {
    this.acts = acts;
  }

  /** Whether it is as hot already. */
  boolean isHot(Press press, Setting setting) {
    return setting.platen().equals(hot.get(press.name()));
  }

  /** Whether it was in use and is to change its temperature. */
  boolean changes(Press press, Setting setting) {
    return hot.containsKey(press.name()) && !isHot(press, setting);
  }

  void heat(Press press, Setting setting) {
    if (!isHot(press, setting)) {
      acts.add(new Act.SetTemperature(press.name(), setting.dial(), setting.platen()));
      hot.put(press.name(), setting.platen());
    }
  }

  boolean isOver(Press press, Pad pad) {
    return pad == lower.getOrDefault(press.name(), press.lower());
  }

  /** What the work lies on, before it lies there; the knob is turned for what lies below, too. */
  void lower(Press press, Pad pad) {
    if (!isOver(press, pad)) {
      acts.add(new Act.LayLower(press.name(), pad));
      firm.remove(press.name());
    }
    lower.put(press.name(), pad);
  }

  void steam(Press press, boolean on) {
    if (press.kind().steams() && !Boolean.valueOf(on).equals(steaming.put(press.name(), on))) {
      acts.add(new Act.SetSteam(press.name(), on));
    }
  }

  void tip(Press press, @Nullable StoneSize size) {
    if (press.kind().setsSingleStones()
        && size != null
        && !size.equals(tips.put(press.name(), size))) {
      acts.add(new Act.FitTip(press.name(), size));
    }
  }

  /** Read with the garment in; a hand needs none. */
  void press(Press press, Pressure pressure) {
    boolean set = press.kind().pressedByHand() || pressure == firm.put(press.name(), pressure);
    if (!set) {
      acts.add(new Act.SetPressure(press.name(), pressure));
    }
  }

  /** A pad went in or came out: what was read before does not hold any more. */
  void unsettle() {
    firm.clear();
  }
}
