package velvetkettle.core.media;

import java.util.List;
import velvetkettle.core.art.Artwork;
import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.media.trait.Appearance;
import velvetkettle.core.media.trait.AtPress;
import velvetkettle.core.media.trait.Construction;
import velvetkettle.core.media.trait.CutFace;
import velvetkettle.core.media.trait.Doing;
import velvetkettle.core.media.trait.Endurance;
import velvetkettle.core.media.trait.Feel;
import velvetkettle.core.media.trait.Handling;
import velvetkettle.core.media.trait.Lies;
import velvetkettle.core.media.trait.Palette;
import velvetkettle.core.media.trait.PressedAgain;
import velvetkettle.core.media.trait.Window;
import velvetkettle.core.media.trait.Wording;
import velvetkettle.core.press.Side;
import velvetkettle.core.quantity.Term;

/**
 * A way of putting something on a garment that heat and pressure fix. Its traits are all that
 * rules, recipes, steps, drawings, words and layouts know of it: nothing asks which medium it is.
 *
 * @param key stable, as stored and as used in addresses; also the key of its name in the words
 * @param window the settings between which it usually works on a plate press
 */
public record Medium(
    String key,
    Family family,
    Window window,
    Appearance appearance,
    Construction construction,
    Handling handling,
    AtPress atPress,
    PressedAgain again,
    Feel feel,
    Endurance endurance,
    Wording wording) {
  public Medium {
    if (construction.layers().isEmpty()) {
      throw new IllegalArgumentException(key + " has no layers");
    }
    if (appearance.carries().isEmpty() || appearance.gives().isEmpty()) {
      throw new IllegalArgumentException(key + " carries nothing, or has no finish");
    }
    if (atPress.tools().isEmpty()) {
      throw new IllegalArgumentException(key + " can be pressed by nothing");
    }
    List.of(feel.hand(), feel.wear(), feel.skin()).forEach(points -> check(key, points));
  }

  private static void check(String key, int points) {
    if (points < 1 || points > 5) {
      throw new IllegalArgumentException(key + " feels 1 to 5, not " + points);
    }
  }

  /** Its name. */
  public Term term() {
    return new Term("medium." + key);
  }

  /** Whether the shop prints it as a whole, and does not cut it colour by colour. */
  public boolean printedHere() {
    return appearance.palette() == Palette.ANY && handling.cutFace().worked();
  }

  /** Whether each colour of it is cut from a film of its own. */
  public boolean isCutByColour() {
    return handling.cutFace() == CutFace.GLUE_UP;
  }

  /** Whether dye is printed into the piece itself, which has to be of polyester then. */
  public boolean dyesItsPiece() {
    return appearance.palette() == Palette.ANY
        && handling.preparation().stream().anyMatch(line -> line.does().contains(Doing.PRESS_ON));
  }

  /** Whether it lies in the garment: it is laid and pressed while that is turned inside out. */
  public boolean liesInside() {
    return construction.lies().inside();
  }

  /** Whether it shows through openings of the garment. */
  public boolean behindOpenings() {
    return construction.lies() == Lies.BEHIND_OPENINGS;
  }

  /** Whether those have to be cut: lace and net have theirs. */
  public boolean isCutOpenFor(Garment garment) {
    return behindOpenings() && !garment.fabric().is(Fabric.Trait.OPEN);
  }

  /** In how many goes art is laid on the garment; film that went onto a panel comes with that. */
  public int colours(Artwork artwork) {
    return isCutByColour() && construction.hasCarrier() ? artwork.tones().colours() : 1;
  }

  /** How many colours of it lie over one another. */
  public int coloursOver(Artwork artwork) {
    return artwork.detail().layered() ? colours(artwork) : 1;
  }

  /** Whether the garment is turned and the heat goes through its cloth. */
  public boolean pressedFromBack() {
    return atPress.side() == Side.BACK;
  }
}
