package velvetkettle.server.cut;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.cut.act.CutAct;
import velvetkettle.core.cut.act.CutActs;
import velvetkettle.core.cut.act.CutMaterial;
import velvetkettle.core.cut.act.CutPieceWork;
import velvetkettle.core.cut.lay.LayRules;
import velvetkettle.core.cut.lay.LayoutCheck;
import velvetkettle.core.cut.lay.Mat;
import velvetkettle.core.cut.lay.Piece;
import velvetkettle.core.cut.lay.PlacedPiece;
import velvetkettle.core.cut.lay.Rectangle;
import velvetkettle.core.cut.lay.StockUse;
import velvetkettle.core.quantity.Sentence;

/** Makes what is drawn of what is kept. */
final class LayoutViews {
  private final KeptLayout kept;
  private final CutForm form;
  private final LayRules rules;
  private final Map<String, KeptLayout.StockName> names = new HashMap<>();

  private LayoutViews(KeptLayout kept, CutForm form) {
    this.kept = kept;
    this.form = form;
    this.rules = form.lay().rules();
    kept.stocks().forEach(name -> names.put(name.material(), name));
  }

  static LayoutView of(KeptLayout kept, CutForm form) {
    return new LayoutViews(kept, form).view();
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
                        use.waste(),
                        cost(use)))
            .toList(),
        kept.layout().yield(),
        kept.layout().left().stream().map(this::left).toList(),
        kept.prints().stream().map(this::print).toList(),
        kept.taken());
  }

  /** Of all that does not go back to the shelf. */
  private @Nullable Double cost(StockUse use) {
    Double price = name(use.stock().material()).price();
    return price == null ? null : price * (use.used() + use.waste());
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
        mat.pieces().stream().map(piece -> laid(piece, wrong.get(piece.piece().id()))).toList(),
        acts(mat));
  }

  private List<CutAct> acts(Mat mat) {
    Map<String, CutMaterial> materials = new HashMap<>();
    for (Mat.LaidStock stock : mat.stocks()) {
      CutMaterial cut = name(stock.material()).cut();
      if (cut != null) {
        materials.put(stock.material(), cut);
      }
    }
    Map<String, CutPieceWork> work = new HashMap<>();
    for (PlacedPiece placed : mat.pieces()) {
      CutPiece piece = CutPiece.of(placed.piece().id());
      KeptLayout.ColourWork each = kept.work(piece);
      CutMaterial cut = materials.get(placed.piece().material());
      if (each == null || cut == null) {
        return List.of();
      }
      String name = cut.name() + ", number " + piece.copy();
      work.put(placed.piece().id(), new CutPieceWork(name, each.length(), each.holes()));
    }
    return CutActs.of(mat, rules, materials, work);
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
    return names.getOrDefault(
        material, new KeptLayout.StockName(material, "", "#888888", null, null));
  }

  private LayoutView.PrintView print(KeptLayout.DesignPrints prints) {
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
        prints.job().left().size(),
        form.design(prints.decoration())
            .map(design -> CutActs.ofPrint(prints.job(), design.print().border()))
            .orElse(List.of()));
  }
}
