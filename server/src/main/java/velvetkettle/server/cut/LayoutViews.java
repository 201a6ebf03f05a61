package velvetkettle.server.cut;

import java.util.HashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.cut.lay.LayRules;
import velvetkettle.core.cut.lay.LayoutCheck;
import velvetkettle.core.cut.lay.Mat;
import velvetkettle.core.cut.lay.Piece;
import velvetkettle.core.cut.lay.PlacedPiece;
import velvetkettle.core.cut.lay.Rectangle;
import velvetkettle.core.quantity.Sentence;

/** Makes what is drawn of what is kept. */
final class LayoutViews {
  private final KeptLayout kept;
  private final LayRules rules;
  private final Map<String, KeptLayout.StockName> names = new HashMap<>();

  private LayoutViews(KeptLayout kept, LayRules rules) {
    this.kept = kept;
    this.rules = rules;
    kept.stocks().forEach(name -> names.put(name.material(), name));
  }

  static LayoutView of(KeptLayout kept, LayRules rules) {
    return new LayoutViews(kept, rules).view();
  }

  private LayoutView view() {
    return new LayoutView(
        kept.layout().mats().stream().map(this::mat).toList(),
        rules.matWidth(),
        rules.matLength(),
        rules.margin(),
        rules.spacing(),
        kept.layout().uses().stream()
            .map(
                use ->
                    new LayoutView.UseView(
                        name(use.stock().material()).name(),
                        use.stock().kind(),
                        use.width(),
                        use.length(),
                        use.kept(),
                        use.waste()))
            .toList(),
        kept.layout().yield(),
        kept.layout().left().stream().map(this::left).toList(),
        kept.prints().stream().map(LayoutViews::print).toList(),
        kept.taken());
  }

  private LayoutView.MatView mat(Mat mat) {
    Map<String, Sentence> wrong = new HashMap<>();
    LayoutCheck.of(mat, rules).forEach(each -> wrong.putIfAbsent(each.piece(), each.why()));
    return new LayoutView.MatView(
        mat.stocks().stream()
            .map(
                stock ->
                    new LayoutView.StockView(
                        stock.id(),
                        stock.material(),
                        name(stock.material()).name(),
                        name(stock.material()).colour(),
                        stock.at(),
                        stock.turned()))
            .toList(),
        mat.pieces().stream().map(piece -> laid(piece, wrong.get(piece.piece().id()))).toList());
  }

  private static LayoutView.LaidPiece laid(PlacedPiece placed, @Nullable Sentence wrong) {
    CutPiece piece = CutPiece.of(placed.piece().id());
    return new LayoutView.LaidPiece(
        placed.piece().id(),
        piece.decoration(),
        piece.colour(),
        piece.copy(),
        placed.piece().material(),
        placed.at(),
        placed.piece().turnable(),
        placed.turned(),
        wrong);
  }

  private LayoutView.LaidPiece left(Piece piece) {
    Rectangle size = new Rectangle(0, 0, piece.width(), piece.height());
    return laid(
        new PlacedPiece(piece, size, false),
        Sentence.of(
            "lay.left",
            name(piece.material()).name().isEmpty() ? "—" : name(piece.material()).name()));
  }

  private KeptLayout.StockName name(String material) {
    return names.getOrDefault(material, new KeptLayout.StockName(material, "", "#888888"));
  }

  private static LayoutView.PrintView print(KeptLayout.DesignPrints prints) {
    return new LayoutView.PrintView(
        prints.decoration(),
        prints.job().page().width(),
        prints.job().page().height(),
        prints.job().page().marks(),
        prints.job().pages().stream()
            .map(
                page ->
                    page.stream()
                        .map(each -> new LayoutView.LaidPrint(each.at(), each.turned()))
                        .toList())
            .toList(),
        prints.job().left().size());
  }
}
