package velvetkettle.core.work;

import java.util.List;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.cloth.Area;
import velvetkettle.core.cloth.GarmentFace;
import velvetkettle.core.cloth.Obstacle;
import velvetkettle.core.media.trait.Peel;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.Layer;
import velvetkettle.core.press.Pad;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.press.StoneSize;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Seconds;

/**
 * One thing that a pair of hands does. Its arguments say all of it: tools by their name, things by
 * the id of their decoration, places in mm on the face that they lie on.
 */
public sealed interface Act permits Act.OfTool, Act.AtTheBench, TableAct {
  /** Whose it is; null where it belongs to the garment, to a sheet or to a tool. */
  default @Nullable String thing() {
    return null;
  }

  /**
   * What it makes of a bench; {@link RefusedActException} where hands cannot do it there. Ask
   * {@link Bench#after}: this does not look whether the press is closed.
   */
  default Bench on(Bench bench) {
    return bench;
  }

  /** What a tool is set to. It stays so: the next piece finds it set. */
  sealed interface OfTool extends Act {
    String tool();

    /** The tool when it is done. */
    Tool set(Tool tool);

    @Override
    default Bench on(Bench bench) {
      return bench.set(this);
    }
  }

  /**
   * A platen is brought to a temperature, and waited for.
   *
   * @param dial what its display reads then; an iron's dot
   * @param platen what it truly is
   */
  record SetTemperature(String tool, Celsius dial, Celsius platen) implements OfTool {
    @Override
    public Tool set(Tool tool) {
      return tool.hot(dial, platen);
    }
  }

  /** Its pressure is set, read with the garment in. */
  record SetPressure(String tool, Pressure pressure) implements OfTool {
    @Override
    public Bench on(Bench bench) {
      if (!tool.equals(bench.pose().tool())) {
        throw new RefusedActException(this, "pressure is read with the garment in");
      }
      return bench.set(this);
    }

    @Override
    public Tool set(Tool tool) {
      return tool.with(pressure);
    }
  }

  record SetSteam(String tool, boolean on) implements OfTool {
    @Override
    public Tool set(Tool tool) {
      return tool.steaming(on);
    }
  }

  /** What the work lies on is changed, while nothing lies there. */
  record LayLower(String tool, Pad pad) implements OfTool {
    @Override
    public Bench on(Bench bench) {
      if (tool.equals(bench.pose().tool())) {
        throw new RefusedActException(this, "the garment lies on it");
      }
      return bench.set(this);
    }

    @Override
    public Tool set(Tool tool) {
      return tool.over(pad);
    }
  }

  /** A wand's tip for stones of a size. */
  record FitTip(String tool, StoneSize size) implements OfTool {
    @Override
    public Tool set(Tool tool) {
      return tool.with(size);
    }
  }

  /** What is done to the garment, and with what lies in, on and over it. */
  sealed interface AtTheBench extends Act {}

  /** It is tried on a swatch or in a hidden place, before anything else. */
  record TryFirst(String thing) implements AtTheBench {}

  record PreWash(WashReason why) implements AtTheBench {}

  record LintRoll() implements AtTheBench {}

  record EmptyPocket() implements AtTheBench {
    @Override
    public Bench on(Bench bench) {
      return bench.tended(this, Obstacle.POCKET);
    }
  }

  /** Cloth that hangs loose behind the face is drawn flat, off the edge of the platen. */
  record Smooth(Obstacle loose) implements AtTheBench {
    @Override
    public Bench on(Bench bench) {
      return bench.tended(this, loose);
    }
  }

  /** The zip or the buttons of a face are opened all the way, so that the other lies alone. */
  record OpenUp(Obstacle fastening) implements AtTheBench {
    @Override
    public Bench on(Bench bench) {
      return bench.openedUp(this, fastening);
    }
  }

  /** They are closed again. */
  record DoUp(Obstacle fastening) implements AtTheBench {
    @Override
    public Bench on(Bench bench) {
      return bench.doneUp(this, fastening);
    }
  }

  /** All layers of the garment on the lower platen of a tool, right side out, that face up. */
  record LayFlat(String tool, GarmentFace up) implements AtTheBench {
    @Override
    public Bench on(Bench bench) {
      return bench.laid(this, tool, Pose.Way.FLAT, up);
    }
  }

  /** Only the cloth of that face is drawn over the lower platen, right side out. */
  record DrawOver(String tool, GarmentFace up) implements AtTheBench {
    @Override
    public Bench on(Bench bench) {
      return bench.laid(this, tool, Pose.Way.ONE_LAYER, up);
    }
  }

  /** The garment is taken off the press, right side out. What is in it stays in it. */
  record LayAside() implements AtTheBench {
    @Override
    public Bench on(Bench bench) {
      return bench.laidAside(this);
    }
  }

  /** The garment is pushed on until what would be crushed hangs over the edge of the platen. */
  record HangOff(Obstacle what) implements AtTheBench {
    @Override
    public Bench on(Bench bench) {
      return bench.tended(this, what);
    }
  }

  /**
   * The garment is turned inside out and drawn over the lower platen, so that only the cloth of
   * that face lies between the platens, its inside towards the heat.
   */
  record TurnInsideOut(String tool, GarmentFace worked) implements AtTheBench {
    @Override
    public Bench on(Bench bench) {
      return bench.laid(this, tool, Pose.Way.INSIDE_OUT, worked);
    }
  }

  /**
   * A sheet or a pad goes in.
   *
   * @param where what it lifts, mm on the face that is worked on; null where it lifts nothing
   */
  record Insert(Filling what, Gap gap, @Nullable Area where) implements AtTheBench {
    @Override
    public Bench on(Bench bench) {
      return bench.inserted(this);
    }
  }

  /** It comes out again. */
  record TakeOut(Filling what, Gap gap) implements AtTheBench {
    @Override
    public Bench on(Bench bench) {
      return bench.takenOut(this);
    }
  }

  /**
   * A coat is sprayed on the place of a thing and rolled in.
   *
   * @param grams water that it brings, g/m2
   * @param again whether one lies there already
   */
  record Spray(String thing, double grams, boolean again) implements AtTheBench {}

  /**
   * A thing is laid on the cloth, its glue or print towards it.
   *
   * @param face of the garment that it lies on
   * @param where it lies there, mm
   * @param layers from the outside towards the cloth, at least one
   * @param colour from 1; the second and later ones are laid over the first by their marks
   * @param of how many colours it is laid in, from 1
   * @param inside whether it lies on the wrong side of that face, while the garment is inside out
   */
  record LayOn(
      String thing,
      GarmentFace face,
      Area where,
      List<Layer> layers,
      int colour,
      int of,
      boolean inside)
      implements AtTheBench {
    /** All of it at once, on the right side. */
    public LayOn(String thing, GarmentFace face, Area where, List<Layer> layers) {
      this(thing, face, where, layers, 1, 1, false);
    }

    /** One colour of several, on the right side. */
    public LayOn(
        String thing, GarmentFace face, Area where, List<Layer> layers, int colour, int of) {
      this(thing, face, where, layers, colour, of, false);
    }

    /** All of it at once, in the garment. */
    public static LayOn inside(String thing, GarmentFace face, Area where, List<Layer> layers) {
      return new LayOn(thing, face, where, layers, 1, 1, true);
    }

    public LayOn {
      layers = List.copyOf(layers);
      // What was kept before colours were laid one by one names none.
      colour = Math.max(1, colour);
      of = Math.max(1, of);
    }

    @Override
    public Bench on(Bench bench) {
      return bench.laidOn(this);
    }
  }

  /** What must not shift is held with tape. */
  record Tape(String thing) implements AtTheBench {}

  /** A sheet over what lies there already, and stays there while something else is pressed. */
  record Shield(String thing, CoverSheet sheet) implements AtTheBench {
    @Override
    public Bench on(Bench bench) {
      return bench.shielded(this, thing, sheet);
    }
  }

  record Unshield(String thing) implements AtTheBench {
    @Override
    public Bench on(Bench bench) {
      return bench.shielded(this, thing, CoverSheet.NONE);
    }
  }

  /** A sheet over all that lies there. */
  record Cover(CoverSheet sheet) implements AtTheBench {
    @Override
    public Bench on(Bench bench) {
      return bench.covered(this);
    }
  }

  record Uncover() implements AtTheBench {
    @Override
    public Bench on(Bench bench) {
      return bench.uncovered(this);
    }
  }

  /** A used sheet goes: the ink that went into it as gas would come out at the next press. */
  record ThrowAway(CoverSheet sheet) implements AtTheBench {
    @Override
    public Bench on(Bench bench) {
      return bench.thrownAway(this);
    }
  }

  /**
   * A tool comes down.
   *
   * @param thing that it presses; null where it presses bare cloth for all that lie there later
   * @param position from 1
   * @param of how many positions this closing is done in
   * @param where the platen comes down, mm on the face that is worked on
   * @param moved whether the tool is kept moving
   */
  record Close(
      String tool,
      Purpose purpose,
      @Nullable String thing,
      int position,
      int of,
      Area where,
      Seconds time,
      boolean moved)
      implements AtTheBench {
    @Override
    public Bench on(Bench bench) {
      return bench.closed(this);
    }
  }

  record Open() implements AtTheBench {
    @Override
    public Bench on(Bench bench) {
      return bench.opened(this);
    }
  }

  /** Nothing is done to it until it is so. */
  record Wait(Until until, Seconds about) implements AtTheBench {}

  /**
   * A carrier, a paper or a stencil comes off.
   *
   * @param waiting how long that is after the press opened; null where it comes off at once
   * @param left where it stays on for now, because the tool has not been there yet; empty where all
   *     of it is off in the end
   */
  record PeelOff(String thing, Peel when, @Nullable Seconds waiting, List<Area> left)
      implements AtTheBench {
    public PeelOff {
      left = List.copyOf(left);
    }

    @Override
    public Bench on(Bench bench) {
      return bench.peeled(this, thing, left);
    }
  }

  /** The paper of a web that was fused to the cloth, or to the thing beside it. */
  record PaperOff(String thing) implements AtTheBench {
    @Override
    public Bench on(Bench bench) {
      return bench.unpapered(this);
    }
  }

  /** Openings are cut into the cloth, over a board, for what will lie behind them. */
  record CutOpenings(String thing) implements AtTheBench {
    @Override
    public Bench on(Bench bench) {
      return bench.cutOpen(this);
    }
  }

  /** They are cut to their full width, what lies behind them fixed. */
  record WidenOpenings(String thing) implements AtTheBench {
    @Override
    public Bench on(Bench bench) {
      return bench.widened(this);
    }
  }

  /** A needle all round. */
  record StitchEdge(String thing) implements AtTheBench {}

  /** By hand, so that nothing shows on the other side. */
  record SewToLining(String thing) implements AtTheBench {}

  /** A thing is pinned where it goes. */
  record Pin(String thing) implements AtTheBench {}

  /** Sewn, tied or glued, without heat. */
  record Fasten(String thing) implements AtTheBench {}

  /** The piece is looked at while it rests flat. */
  record Inspect() implements AtTheBench {}
}
