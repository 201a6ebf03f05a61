package velvetkettle.core.practice;

import java.util.List;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.heat.PressDiagnosis;
import velvetkettle.core.heat.PressDiagnosis.Ended;
import velvetkettle.core.heat.Question;
import velvetkettle.core.press.Stack;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.core.run.device.PressCharacter;
import velvetkettle.core.run.device.SimulatedPress;

/**
 * Where a shift stands.
 *
 * @param standing what its display reads from now on if it is left open
 * @param strips how far temperature strips at the nine places, row by row from the back, would read
 *     off the display once it is at its setting, K
 * @param truth what the press is like, for whoever wants to know
 * @param last the piece that was pressed by the last move; null where none was
 */
public record Practised(
    SimulatedPress.Track standing,
    List<Integer> strips,
    PressCharacter truth,
    @Nullable PressedPiece last) {
  public Practised {
    strips = List.copyOf(strips);
  }

  /**
   * What came of one piece.
   *
   * @param whole the worst of all places, question by question
   * @param places of the art, row by row from the side at the platen's back
   * @param wrong what went wrong, and what was to blame
   * @param closedAt what the display read when it closed for the main press
   * @param lowest what it fell to meanwhile
   * @param track what it showed from the first closing until the piece was done
   * @param phases what was done meanwhile
   * @param stack under the main press, with the peak of each layer in the middle of the art
   * @param better what sheet, trade and heat would set on a press that does what it says
   */
  public record PressedPiece(
      PressDiagnosis whole,
      List<PlaceResult> places,
      List<Mistake> wrong,
      Celsius closedAt,
      Celsius lowest,
      SimulatedPress.Track track,
      List<TrackSpan> phases,
      Stack stack,
      BetterSetting better) {
    public PressedPiece {
      places = List.copyOf(places);
      wrong = List.copyOf(wrong);
      phases = List.copyOf(phases);
    }
  }

  /**
   * What came of one place of the art.
   *
   * @param platen true temperature above it when the main press closed
   */
  public record PlaceResult(PressDiagnosis ending, Celsius platen) {}

  /**
   * @param because each of these alone would have made it better, the maker's own settings first;
   *     where none alone would, what weighed most
   * @param together whether no one thing alone was to blame
   */
  public record Mistake(Question question, Ended ended, List<Sentence> because, boolean together) {
    public Mistake {
      because = List.copyOf(because);
    }
  }

  /** A phase of the work, seconds from the first closing. */
  public record TrackSpan(Sentence name, boolean closed, boolean main, double from, double to) {}

  /** What the planner would set. */
  public record BetterSetting(Celsius dial, Settings settings) {}
}
