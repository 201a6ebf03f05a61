package velvetkettle.core.cut.lay;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import velvetkettle.core.quantity.Sentence;

/** Says what is wrong with a mat on which pieces were moved by hand. */
public final class LayoutCheck {
  private LayoutCheck() {}

  /**
   * @param piece the id of the one that lies wrong
   */
  public record Wrong(String piece, Sentence why) {}

  public static List<Wrong> of(Mat mat, LayRules rules) {
    List<Wrong> wrong = new ArrayList<>();
    for (PlacedPiece piece : mat.pieces()) {
      under(piece, mat)
          .ifPresentOrElse(
              stock -> {
                if (!stock.material().equals(piece.piece().material())) {
                  wrong.add(wrong(piece, "lay.wrong.material"));
                } else if (!piece.piece().turnable() && turned(piece, stock)) {
                  wrong.add(wrong(piece, "lay.wrong.turned"));
                } else if (!stock.at().grown(-rules.margin()).holds(piece.at())) {
                  wrong.add(wrong(piece, "lay.wrong.margin"));
                }
              },
              () -> wrong.add(wrong(piece, "lay.wrong.outside")));
    }
    for (int i = 0; i < mat.pieces().size(); i++) {
      for (int j = 0; j < i; j++) {
        if (tooClose(mat.pieces().get(i), mat.pieces().get(j), mat, rules)) {
          wrong.add(wrong(mat.pieces().get(i), "lay.wrong.neighbour"));
          wrong.add(wrong(mat.pieces().get(j), "lay.wrong.neighbour"));
        }
      }
    }
    return wrong.stream().distinct().toList();
  }

  private static boolean turned(PlacedPiece piece, Mat.LaidStock stock) {
    return piece.turned() != stock.turned();
  }

  /** On one material their carriers are cut apart; on two they are apart already. */
  private static boolean tooClose(PlacedPiece one, PlacedPiece other, Mat mat, LayRules rules) {
    boolean together = under(one, mat).equals(under(other, mat));
    double half = together ? Math.max(0, rules.spacing() / 2 - 1e-3) : 0;
    return one.at().grown(half).overlaps(other.at().grown(half));
  }

  private static Wrong wrong(PlacedPiece piece, String key) {
    return new Wrong(piece.piece().id(), Sentence.of(key));
  }

  private static Optional<Mat.LaidStock> under(PlacedPiece piece, Mat mat) {
    return mat.stocks().stream().filter(stock -> stock.at().holds(piece.at())).findFirst();
  }
}
