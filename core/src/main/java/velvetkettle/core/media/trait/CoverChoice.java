package velvetkettle.core.media.trait;

import java.util.function.Function;
import velvetkettle.core.art.Surface;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.school.Dispute;

/** Which sheet lies over the work: always the same one, or chosen by what is to be done. */
public enum CoverChoice {
  NONE(CoverSheet.NONE),
  PARCHMENT(CoverSheet.PARCHMENT),
  /** Uncoated: takes up the ink gas, where a coated sheet would hand it on to the next shirt. */
  KRAFT(CoverSheet.KRAFT),
  COTTON(CoverSheet.COTTON),
  /** The sheet makes the surface: PTFE gloss, parchment matt. */
  BY_GLOSS(
      CoverSheet.PARCHMENT,
      work -> work.artwork().surface() == Surface.GLOSS ? CoverSheet.PTFE : CoverSheet.PARCHMENT),
  /**
   * By the wanted finish; dark on dark takes gloss, which hides the edge of the glue. A shop may
   * keep to one sheet.
   */
  BY_FINISH(CoverSheet.PARCHMENT, CoverChoice::byFinish),
  /** Cloth over what stands high; a paper towel where the garment bears little heat. */
  SOFT(CoverSheet.COTTON, CoverChoice::soft);

  /** Cloth that takes harm below this is heat-shy, °C [engineering estimate]. */
  private static final Celsius HEAT_SHY = Celsius.of(180);

  private final CoverSheet usual;
  private final Function<Work, CoverSheet> sheet;

  CoverChoice(CoverSheet usual) {
    this(usual, work -> usual);
  }

  CoverChoice(CoverSheet usual, Function<Work, CoverSheet> sheet) {
    this.usual = usual;
    this.sheet = sheet;
  }

  /** Where nothing speaks for another. */
  public CoverSheet usual() {
    return usual;
  }

  /** For this work. */
  public CoverSheet sheet(Work work) {
    return sheet.apply(work);
  }

  private static CoverSheet byFinish(Work work) {
    return switch (work.schools().on(Dispute.SECOND_PRESS_COVER)) {
      case COVER_PTFE -> CoverSheet.PTFE;
      case COVER_CLOTH -> CoverSheet.COTTON;
      default -> work.garment().isNylon() ? CoverSheet.COTTON : byWantedSurface(work);
    };
  }

  private static CoverSheet byWantedSurface(Work work) {
    boolean darkOnDark = work.artwork().isDarkOnDark(work.garment().colour().depth());
    return switch (work.artwork().surface()) {
      case GLOSS -> CoverSheet.PTFE;
      case ANY -> darkOnDark ? CoverSheet.PTFE : CoverSheet.PARCHMENT;
      default -> CoverSheet.PARCHMENT;
    };
  }

  private static CoverSheet soft(Work work) {
    Garment garment = work.garment();
    return garment.weakest().limit().compareTo(HEAT_SHY) < 0
            || garment.blend().steamShy().isPresent()
        ? CoverSheet.PAPER_TOWEL
        : CoverSheet.COTTON;
  }
}
