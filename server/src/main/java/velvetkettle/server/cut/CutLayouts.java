package velvetkettle.server.cut;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Polygon;
import org.springframework.stereotype.Component;
import velvetkettle.core.cut.Progress;
import velvetkettle.core.cut.act.CutMaterial;
import velvetkettle.core.cut.art.Art;
import velvetkettle.core.cut.art.ColourLayer;
import velvetkettle.core.cut.lay.Layouts;
import velvetkettle.core.cut.lay.Piece;
import velvetkettle.core.cut.lay.Stock;
import velvetkettle.core.cut.print.CutLine;
import velvetkettle.core.cut.print.PrintPages;
import velvetkettle.core.cut.shape.Grid;
import velvetkettle.core.cut.wear.CutterPart;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.core.shelf.Material;
import velvetkettle.server.problem.RefusedException;
import velvetkettle.server.shelf.MaterialService;

/** Lays all that a ticket cuts: films and cloths on mats, prints on pages. */
@Component
class CutLayouts {
  private static final int MOST_PIECES = 400;

  private final Designs designs;
  private final CutStocks stocks;
  private final MaterialService materials;

  CutLayouts(Designs designs, CutStocks stocks, MaterialService materials) {
    this.designs = designs;
    this.stocks = stocks;
    this.materials = materials;
  }

  /**
   * @param pieces garments of the ticket
   */
  KeptLayout lay(CutForm form, int pieces, Progress progress) {
    List<Piece> toLay = new ArrayList<>();
    Map<String, KeptLayout.StockName> names = new LinkedHashMap<>();
    List<Stock> shelf = new ArrayList<>();
    List<KeptLayout.DesignPrints> prints = new ArrayList<>();
    List<KeptLayout.ColourWork> work = new ArrayList<>();
    for (CutForm.Design design : form.designs()) {
      int copies = design.copies() > 0 ? design.copies() : pieces;
      Art art = designs.art(design);
      if (designs.medium(design).printedHere()) {
        CutLine line = CutLine.round(art, design.print().border());
        prints.add(
            new KeptLayout.DesignPrints(
                design.decoration(),
                PrintPages.lay(
                    line, Math.min(copies, MOST_PIECES), design.print().page(), progress)));
      } else {
        for (ColourLayer layer : art.layers()) {
          String material = material(design, layer, form.lay(), names, shelf);
          CutMaterial cut = Objects.requireNonNull(names.get(material)).cut();
          work.add(work(design, layer, cut == null ? 1 : cut.passes()));
          toLay.addAll(pieces(design, layer, material, copies, form.lay().carrier()));
        }
      }
    }
    if (toLay.size() > MOST_PIECES) {
      throw new RefusedException(
          "designs.copies", Sentence.of("lay.too-many", toLay.size(), MOST_PIECES));
    }
    return new KeptLayout(
        Layouts.lay(toLay, shelf, form.lay().rules(), progress),
        List.copyOf(names.values()),
        prints,
        work,
        false);
  }

  private KeptLayout.ColourWork work(CutForm.Design design, ColourLayer layer, int passes) {
    List<Polygon> parts = Grid.polygons(layer.area());
    double length = parts.stream().mapToDouble(Polygon::getLength).sum();
    return new KeptLayout.ColourWork(
        design.decoration(),
        layer.colour(),
        length,
        parts.stream().mapToInt(Polygon::getNumInteriorRing).sum(),
        CutterPart.ofBlade(designs.medium(design, layer), length) * passes);
  }

  private List<Piece> pieces(
      CutForm.Design design, ColourLayer layer, String material, int copies, double carrier) {
    Envelope bounds = layer.area().getEnvelopeInternal();
    boolean turnable = !designs.medium(design, layer).construction().hasNap();
    List<Piece> pieces = new ArrayList<>();
    for (int copy = 1; copy <= copies; copy++) {
      pieces.add(
          new Piece(
              new CutPiece(design.decoration(), layer.colour(), copy).id(),
              material,
              bounds.getWidth() + 2 * carrier,
              bounds.getHeight() + 2 * carrier,
              turnable));
    }
    return pieces;
  }

  /** Its key; what there is of it is added once. */
  private String material(
      CutForm.Design design,
      ColourLayer layer,
      CutForm.Lay lay,
      Map<String, KeptLayout.StockName> names,
      List<Stock> shelf) {
    Optional<UUID> chosen =
        design.colours().stream()
            .filter(c -> c.colour().equals(layer.colour()) && c.materialId() != null)
            .map(CutForm.ColourChoice::materialId)
            .findFirst();
    String key = chosen.map(UUID::toString).orElse(layer.colour());
    if (!names.containsKey(key)) {
      Optional<Material> material = chosen.map(materials::material);
      String name = material.map(Material::name).orElse("");
      CutMaterial cut =
          new CutMaterial(
              material.map(Material::name).orElse(layer.colour()),
              designs.medium(design, layer).isCutByColour(),
              material.map(each -> each.sheet().cutter()).orElse(null));
      names.put(
          key,
          new KeptLayout.StockName(
              key, name, layer.colour(), cut, material.map(CutStocks::price).orElse(null)));
      chosen.ifPresentOrElse(
          id -> shelf.addAll(stocks.of(id)),
          () -> shelf.add(CutStocks.any(layer.colour(), lay.rules())));
    }
    return key;
  }
}
