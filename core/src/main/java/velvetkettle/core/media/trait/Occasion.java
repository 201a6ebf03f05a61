package velvetkettle.core.media.trait;

import java.util.function.Predicate;
import velvetkettle.core.art.ArtKind;
import velvetkettle.core.school.School;

/** When something is done that is not done for every piece of work. */
public enum Occasion {
  ALWAYS(work -> true),
  /** The shop lays the web on the garment first and tacks it there. */
  WEB_ON_GARMENT(work -> work.schools().keepTo(School.WEB_ON_GARMENT)),
  /** The shop fuses the web to the piece first. */
  WEB_ON_PIECE(work -> !work.schools().keepTo(School.WEB_ON_GARMENT)),
  /** The patch is made here; a badge exists already. */
  MADE_HERE(work -> work.artwork().kind() != ArtKind.BADGE),
  BOUGHT(work -> work.artwork().kind() == ArtKind.BADGE),
  /** Each colour is cut, laid and pressed for itself. */
  SEVERAL_COLOURS(work -> work.artwork().tones().colours() > 1),
  /** They have to be kept in their places. */
  LOOSE_PARTS(work -> work.artwork().isLoose()),
  ONE_SHAPE(work -> !work.artwork().isLoose());

  private final Predicate<Work> arises;

  Occasion(Predicate<Work> arises) {
    this.arises = arises;
  }

  public boolean arises(Work work) {
    return arises.test(work);
  }
}
