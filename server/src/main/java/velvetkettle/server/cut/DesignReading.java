package velvetkettle.server.cut;

import java.util.List;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.cut.lay.Rectangle;
import velvetkettle.core.cut.letter.BrokenShape;
import velvetkettle.core.cut.weed.FaultKind;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.core.quantity.Term;

/**
 * What is to be seen of a design before a blade touches it. Lengths in mm, as it is seen on the
 * garment; the paths are filled by the even-odd rule.
 *
 * @param bounds of all that is cut: colours that are left out may have reached further
 * @param mirrored whether it lies mirrored on the mat or the page
 * @param face how the material lies when it is worked
 * @param cleanWidth how wide it would have to be chosen to weed cleanly, but for tips; as wide as
 *     it is chosen where it does
 * @param thinnest stroke of all, where one is too thin; null where none is
 * @param weight how far the middle of all that is seen lies from the middle of its box: to the
 *     right and down
 * @param weedingSeconds for one piece
 * @param cutLength of all edges of one piece
 * @param print how it is printed and cut; null where it is cut colour by colour
 * @param checks what to look at before it is cut or printed
 */
public record DesignReading(
    Rectangle bounds,
    boolean mirrored,
    Term face,
    List<LayerReading> layers,
    double cleanWidth,
    @Nullable Double thinnest,
    Offset weight,
    double weedingSeconds,
    double cutLength,
    @Nullable PrintReading print,
    List<Sentence> checks) {
  public record Offset(double x, double y) {}

  /**
   * @param path of what is cut
   * @param bounds of it
   * @param holdsStroke the thinnest stroke that its material holds
   * @param faults the worst first, at most 300
   * @param allFaults how many there are
   */
  public record LayerReading(
      String colour,
      String path,
      Rectangle bounds,
      double holdsStroke,
      List<FaultView> faults,
      int allFaults,
      int pieces,
      int toLift,
      double cutLength,
      double area,
      double weedingSeconds,
      List<BrokenShape> broken,
      @Nullable Sentence cutter) {}

  public record FaultView(FaultKind kind, Sentence sentence, double severity, double x, double y) {}

  /**
   * @param cutLine the path to cut along
   * @param mask whether a mask has to hold the parts in their places
   */
  public record PrintReading(String cutLine, int parts, boolean mask, Sentence why) {}
}
