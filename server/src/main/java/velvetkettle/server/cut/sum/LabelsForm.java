package velvetkettle.server.cut.sum;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import velvetkettle.core.cut.label.Fold;
import velvetkettle.core.cut.label.LabelMeasures;
import velvetkettle.core.cut.label.LabelStock;
import velvetkettle.core.cut.letter.Face;

/**
 * Labels. Lengths in mm.
 *
 * @param words of all labels where nobody is on the roster; empty takes the roster
 * @param sizes whether the size of each on the roster stands behind the name
 * @param each labels for one garment
 * @param tapes how long the pieces of tape are
 * @param strip the longest that is printed or pressed as one
 * @param onPages whether they are printed on pages instead
 */
public record LabelsForm(
    double tape,
    double seen,
    @NotNull Fold fold,
    double allowance,
    double gap,
    @NotNull @Size(max = 60) String words,
    boolean sizes,
    @Min(1) @Max(20) int each,
    @NotNull Face face,
    boolean onPages,
    @NotEmpty @Size(max = 40) List<@NotNull Double> tapes,
    double strip,
    @NotNull @Valid PageForm page) {
  static LabelsForm usual() {
    LabelMeasures usual = LabelMeasures.USUAL;
    return new LabelsForm(
        usual.tape(),
        usual.seen(),
        usual.fold(),
        usual.allowance(),
        usual.gap(),
        "",
        false,
        1,
        Face.PLAIN,
        false,
        List.of(5000.0),
        300,
        PageForm.A4);
  }

  LabelMeasures measures() {
    return new LabelMeasures(tape, seen, fold, allowance, gap);
  }

  LabelStock stock() {
    return onPages ? new LabelStock.Pages(page.paper()) : new LabelStock.Tapes(tapes, strip);
  }
}
