package velvetkettle.core.plan.order;

import org.jspecify.annotations.Nullable;
import velvetkettle.core.heat.phase.WorkPhase;
import velvetkettle.core.media.trait.Peel;
import velvetkettle.core.plan.order.GarmentState.DecorationState;
import velvetkettle.core.plan.recipe.Setting;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.Stack;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;

/** One thing done to the garment or to a decoration on it, and what it makes of the garment. */
public sealed interface Operation {
  Sentence instruction();

  GarmentState apply(GarmentState before);

  StepKind kind();

  /** The decoration it belongs to; null where it belongs to the garment. */
  default @Nullable String decoration() {
    return null;
  }

  /** Null where no press closes. */
  default @Nullable Setting setting() {
    return null;
  }

  /** Null where no press closes. */
  default @Nullable Stack stack() {
    return null;
  }

  /** The name of the tool that closes; null where none does. */
  default @Nullable Press press() {
    return null;
  }

  /** What the timer counts: the press, or about how long to wait; null where nothing is timed. */
  default @Nullable Seconds timed() {
    Setting setting = setting();
    return setting == null ? null : setting.time();
  }

  /** Null unless something is peeled. */
  default @Nullable Peel peel() {
    return null;
  }

  /** Anything done by hand before or after the heat: read, lint-roll, turn, lay flat. */
  record Handle(Sentence instruction) implements Operation {
    @Override
    public StepKind kind() {
      return StepKind.HANDLE;
    }

    @Override
    public GarmentState apply(GarmentState before) {
      return before;
    }
  }

  /** Tried on a swatch or in a hidden place, before anything else. */
  record Trial(Sentence instruction) implements Operation {
    @Override
    public StepKind kind() {
      return StepKind.TEST;
    }

    @Override
    public GarmentState apply(GarmentState before) {
      return before;
    }
  }

  /** A press without decoration that flattens and dries the cloth. */
  record PrePress(Sentence instruction, Setting setting, Stack stack, Press press)
      implements Operation {
    @Override
    public StepKind kind() {
      return StepKind.PRE_PRESS;
    }

    @Override
    public GarmentState apply(GarmentState before) {
      return before.pressed(setting).warmth(Warmth.WARM);
    }
  }

  /** A wait until the garment is cool. */
  record Cool(Sentence instruction, Seconds timed) implements Operation {
    @Override
    public StepKind kind() {
      return StepKind.COOL;
    }

    @Override
    public GarmentState apply(GarmentState before) {
      return before.warmth(Warmth.COOL);
    }
  }

  record Place(String decoration, Sentence instruction) implements Operation {
    @Override
    public StepKind kind() {
      return StepKind.PLACE;
    }

    @Override
    public GarmentState apply(GarmentState before) {
      return before.with(decoration, DecorationState.PLACED);
    }
  }

  /**
   * A closing of the press over a decoration; {@code leaves} says how far it takes it.
   *
   * @param role what it is to the bond
   */
  record HeatPress(
      StepKind kind,
      String decoration,
      Sentence instruction,
      Setting setting,
      Stack stack,
      Press press,
      WorkPhase.Role role,
      DecorationState leaves)
      implements Operation {
    @Override
    public GarmentState apply(GarmentState before) {
      return before.pressed(setting).with(decoration, leaves);
    }
  }

  record PeelOff(String decoration, Sentence instruction, Peel peel, @Nullable Seconds timed)
      implements Operation {
    @Override
    public StepKind kind() {
      return StepKind.PEEL;
    }

    @Override
    public GarmentState apply(GarmentState before) {
      Warmth warmth =
          switch (peel) {
            case HOT -> Warmth.HOT;
            case WARM -> Warmth.WARM;
            case COLD, NONE -> Warmth.COOL;
          };
      return before.warmth(warmth).with(decoration, DecorationState.CARRIER_OFF);
    }
  }

  /** A needle after the press, where the web demands it. */
  record StitchEdge(String decoration, Sentence instruction) implements Operation {
    @Override
    public StepKind kind() {
      return StepKind.STITCH;
    }

    @Override
    public GarmentState apply(GarmentState before) {
      return before.with(decoration, DecorationState.FINISHED);
    }
  }

  /** Sewn, tied or glued: fixed without heat. */
  record Fasten(String decoration, Sentence instruction) implements Operation {
    @Override
    public StepKind kind() {
      return StepKind.FASTEN;
    }

    @Override
    public GarmentState apply(GarmentState before) {
      return before.with(decoration, DecorationState.FINISHED);
    }
  }

  /** Look at the result while it rests flat. */
  record Inspect(Sentence instruction) implements Operation {
    @Override
    public StepKind kind() {
      return StepKind.INSPECT;
    }

    @Override
    public GarmentState apply(GarmentState before) {
      GarmentState after = before.warmth(Warmth.COOL);
      for (String decoration : before.lying().keySet()) {
        after = after.with(decoration, DecorationState.FINISHED);
      }
      return after;
    }
  }
}
