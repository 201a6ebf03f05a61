package velvetkettle.core.cut.svg;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.geom.Polygon;
import velvetkettle.core.cut.Progress;
import velvetkettle.core.cut.letter.Lettering;
import velvetkettle.core.cut.shape.Crossings;
import velvetkettle.core.cut.shape.FillRule;
import velvetkettle.core.cut.shape.Grid;
import velvetkettle.core.cut.shape.WorkBudget;

/** Walks the elements of a drawing and collects what they paint. One reader reads one drawing. */
public final class SvgReader {
  private static final Set<String> GROUPS = Set.of("g", "a", "switch");
  private static final Set<String> SHAPES =
      Set.of("path", "rect", "circle", "ellipse", "line", "polyline", "polygon");
  private static final Set<String> DRAWN = Set.of("use", "svg", "text", "image");
  private static final double DEFAULT_WIDTH = 300;
  private static final double DEFAULT_HEIGHT = 150;

  private final SvgTree tree;
  private final StyleSheet sheet;
  private final Clips clips;
  private final Gradients gradients;
  private final WorkBudget budget;
  private final Limits limits;
  private final ReadAs as;
  private final Lettering lettering;
  private final List<Picture> pictures = new ArrayList<>();
  private boolean hasText;
  private boolean hasGradients;
  private Skipped skipped = new Skipped();

  private static final int MOST_PICTURES = 20;

  /** Where nothing lies below, cloth is taken for white. */
  private static final int WHITE = 0xffffff;

  private static final Lettering NO_LETTERS =
      (text, face) -> new Lettering.Line(new Path2D.Double(), 0, text);

  private List<Coat> coats = new ArrayList<>();
  private int walked;
  private int veils;

  private SvgReader(SvgTree tree, WorkBudget budget, ReadAs as, Lettering lettering) {
    this.tree = tree;
    this.as = as;
    this.lettering = lettering;
    this.budget = budget;
    this.limits = new Limits(budget);
    this.sheet = new StyleSheet(tree.root(), budget);
    this.clips = new Clips(tree, sheet, limits, budget);
    this.gradients = new Gradients(tree, sheet, as.gradients());
  }

  /**
   * Where the walk is.
   *
   * @param style of the elements round
   * @param toMillimetres from the units here
   * @param clip what is seen, mm; null where all is
   * @param veils of the elements round, the outermost first
   * @param depth how many uses of other elements it is within
   */
  private record Place(
      Style style,
      AffineTransform toMillimetres,
      Viewport in,
      @Nullable MultiPolygon clip,
      List<Coat.Veil> veils,
      int depth) {
    Place with(AffineTransform inside, Viewport within, @Nullable MultiPolygon seen) {
      return new Place(style, inside, within, seen, veils, depth);
    }

    /** In the other element that is used there. */
    Place used(Style look, AffineTransform inside) {
      return new Place(look, inside, in, clip, veils, depth + 1);
    }
  }

  /**
   * @throws UnreadableDrawingException where it is no drawing, or larger than any limit
   */
  public static SvgDrawing read(byte[] file) {
    return read(file, WorkBudget.ofDrawing(Progress.NONE));
  }

  /**
   * @param budget pays for it; what is left of it may pay for more
   * @throws UnreadableDrawingException where it is no drawing, larger than any limit, or asks for
   *     more work than it may
   */
  public static SvgDrawing read(byte[] file, WorkBudget budget) {
    return read(file, budget, ReadAs.USUAL, NO_LETTERS);
  }

  /**
   * @param lettering sets what text it has; asked only where a face is chosen
   */
  public static SvgDrawing read(byte[] file, WorkBudget budget, ReadAs as, Lettering lettering) {
    try {
      return new SvgReader(SvgTree.read(file), budget, as, lettering).drawing();
    } catch (WorkBudget.SpentException e) {
      throw e.isOfCorners()
          ? UnreadableDrawingException.of("svg.too-fine", budget.mostCorners())
          : UnreadableDrawingException.of("svg.too-much");
    } catch (Crossings.TooManyException e) {
      throw UnreadableDrawingException.of("svg.too-much");
    }
  }

  private SvgDrawing drawing() {
    SvgElement root = tree.root();
    double[] box = Viewport.box(root.attribute("viewBox"));
    double width =
        Lengths.read(pure(root.attribute("width")), 0, box == null ? DEFAULT_WIDTH : box[2]);
    double height =
        Lengths.read(pure(root.attribute("height")), 0, box == null ? DEFAULT_HEIGHT : box[3]);
    if (box != null && root.attribute("width") != null && pure(root.attribute("height")) == null) {
      height = width * box[3] / box[2];
    }
    Viewport page = Viewport.of(0, 0, width, height, box, root.attribute("preserveAspectRatio"));
    AffineTransform toMillimetres =
        AffineTransform.getScaleInstance(
            1 / Lengths.PIXELS_PER_MILLIMETRE, 1 / Lengths.PIXELS_PER_MILLIMETRE);
    toMillimetres.concatenate(page.inside());
    toMillimetres.concatenate(Transforms.read(root.attribute("transform")));
    double pixel = Lengths.PIXELS_PER_MILLIMETRE;
    limits.page(width / pixel, height / pixel);
    Style style = Style.INITIAL.of(root, sheet);
    if (style.displayed()) {
      children(root, new Place(style, toMillimetres, page, null, List.of(), 0));
    }
    boolean sized = pure(root.attribute("width")) != null && pure(root.attribute("height")) != null;
    if (box != null || sized) {
      keepToPage(Grid.rectangle(0, 0, width / pixel, height / pixel));
    }
    List<PaintedShape> seen = SeeThrough.flat(coats, WHITE, budget);
    return new SvgDrawing(
        width / pixel, height / pixel, seen, pictures, hasText, hasGradients, skipped.sentences());
  }

  /** What lies beside the page is not seen, and not cut. */
  private void keepToPage(Polygon page) {
    List<Coat> all = List.copyOf(coats);
    coats.clear();
    for (Coat coat : all) {
      MultiPolygon seen = Grid.intersection(coat.area(), page, budget);
      if (seen.getArea() < coat.area().getArea() - 0.01) {
        skipped.outside();
      }
      if (!seen.isEmpty()) {
        coats.add(coat.cutTo(seen));
      }
    }
  }

  /** A page's size in percent says nothing of its size. */
  private static @Nullable String pure(@Nullable String length) {
    return length == null || length.contains("%") ? null : length;
  }

  private void children(SvgElement element, Place place) {
    element.children().forEach(child -> element(child, place));
  }

  private void element(SvgElement element, Place outside) {
    limits.read(element);
    budget.at(Math.min(++walked, tree.elements()), tree.elements());
    String name = element.name();
    boolean shape = SHAPES.contains(name);
    boolean walked = shape || GROUPS.contains(name) || DRAWN.contains(name);
    Style style = outside.style.of(element, sheet);
    if (!walked) {
      if (style.displayed()) {
        skipped.element(element, style);
      }
      return;
    }
    if (!style.displayed()) {
      return;
    }
    limits.shape();
    AffineTransform inside = new AffineTransform(outside.toMillimetres);
    inside.concatenate(Transforms.read(style.get("transform", element.attribute("transform", ""))));
    skipped.effects(element, style);
    Place place =
        new Place(
            style,
            inside,
            outside.in,
            masked(element, style, inside, outside),
            veiled(element, style, outside.veils),
            outside.depth);
    if (shape) {
      shape(element, place);
    } else if (name.equals("text")) {
      text(element, clipped(element, place));
    } else if (name.equals("image")) {
      picture(element, place);
    } else {
      group(element, clipped(element, place));
    }
  }

  private void group(SvgElement element, Place place) {
    switch (element.name()) {
      case "use" -> use(element, place);
      case "svg" -> nested(element, place, element);
      case "switch" ->
          element.children().stream()
              .filter(SvgReader::canBeTaken)
              .limit(1)
              .forEach(first -> element(first, place));
      default -> children(element, place);
    }
  }

  /** Of a choice the first is taken that asks for nothing special and can be drawn. */
  private static boolean canBeTaken(SvgElement choice) {
    return choice.attribute("requiredExtensions", "").isBlank()
        && !choice.name().equals("foreignObject");
  }

  /** What is clipped as a group is clipped in its own units. */
  private Place clipped(SvgElement element, Place place) {
    String id = place.style.reference("clip-path");
    if (id == null) {
      return place;
    }
    Envelope bounds = id.isEmpty() ? new Envelope() : bounds(element, place);
    MultiPolygon clip = clips.area(id, place.toMillimetres, place.in, bounds);
    return place.with(place.toMillimetres, place.in, both(place.clip, clip));
  }

  private List<Coat.Veil> veiled(SvgElement element, Style style, List<Coat.Veil> outside) {
    double opacity = style.number("opacity", 1);
    if (opacity >= 1) {
      return outside;
    }
    skipped.seeThrough(element);
    List<Coat.Veil> inside = new ArrayList<>(outside);
    inside.add(new Coat.Veil(++veils, opacity));
    return inside;
  }

  /** What a mask shows is seen as through a clip; what it shows by half or less is not. */
  private @Nullable MultiPolygon masked(
      SvgElement element, Style style, AffineTransform inside, Place outside) {
    String id = style.reference("mask");
    SvgElement mask = id == null ? null : tree.ids().get(id);
    if (id == null) {
      return outside.clip;
    }
    if (mask == null || !mask.name().equals("mask") || !Masks.isInUnitsOfItsUser(mask)) {
      skipped.mask(element);
      return outside.clip;
    }
    limits.used(id, outside.depth);
    List<Coat> drawing = coats;
    Skipped said = skipped;
    int pictured = pictures.size();
    coats = new ArrayList<>();
    // Nothing of a mask is cut: what is told of its own parts would be told of the wrong thing.
    skipped = new Skipped();
    children(
        mask,
        new Place(
            Style.INITIAL.of(mask, sheet), inside, outside.in, null, List.of(), outside.depth + 1));
    Masks.Shown shown = Masks.shown(coats, budget);
    coats = drawing;
    skipped = said;
    pictures.subList(pictured, pictures.size()).clear();
    if (shown.isSoft()) {
      skipped.softMask(element);
    }
    Shape frame = Masks.frame(mask, outside.in);
    MultiPolygon seen =
        frame == null
            ? shown.area()
            : both(
                shown.area(), limits.area(inside.createTransformedShape(frame), FillRule.NON_ZERO));
    return both(outside.clip, seen);
  }

  /** Of what a group paints, in its own units: asked only of clips that are told in parts of it. */
  private Envelope bounds(SvgElement group, Place place) {
    Envelope bounds = new Envelope();
    for (SvgElement child : group.children()) {
      limits.read(child);
      PathData.Read read = Outlines.path(child, place.in);
      if (read != null && read.path().getCurrentPoint() != null) {
        bounds.expandToInclude(
            envelope(
                Transforms.read(child.attribute("transform")).createTransformedShape(read.path())));
      } else if (GROUPS.contains(child.name())) {
        bounds.expandToInclude(bounds(child, place));
      }
    }
    return bounds;
  }

  private static Envelope envelope(Shape shape) {
    Rectangle2D box = shape.getBounds2D();
    return new Envelope(box.getMinX(), box.getMaxX(), box.getMinY(), box.getMaxY());
  }

  private @Nullable MultiPolygon both(@Nullable MultiPolygon one, @Nullable MultiPolygon other) {
    return one == null ? other : other == null ? one : Grid.intersection(one, other, budget);
  }

  private void use(SvgElement element, Place place) {
    String id = element.href();
    SvgElement target = id == null ? null : tree.ids().get(id);
    if (target == null || id == null) {
      skipped.elsewhere(element);
      return;
    }
    limits.used(id, place.depth);
    AffineTransform inside = new AffineTransform(place.toMillimetres);
    inside.translate(
        Lengths.read(element.attribute("x"), place.in.width(), 0),
        Lengths.read(element.attribute("y"), place.in.height(), 0));
    if (target.name().equals("symbol") || target.name().equals("svg")) {
      Style style = place.style.of(target, sheet);
      nested(target, place.used(style, inside), element);
    } else {
      element(target, place.used(place.style, inside));
    }
  }

  /**
   * A drawing within the drawing.
   *
   * @param sized the element that says how large it is
   */
  private void nested(SvgElement element, Place place, SvgElement sized) {
    Viewport in = place.in;
    boolean own = sized.equals(element);
    double x = own ? Lengths.read(element.attribute("x"), in.width(), 0) : 0;
    double y = own ? Lengths.read(element.attribute("y"), in.height(), 0) : 0;
    double width = size(element, sized, "width", in.width());
    double height = size(element, sized, "height", in.height());
    if (!(width > 0 && height > 0)) {
      return;
    }
    double[] box = Viewport.box(element.attribute("viewBox"));
    Viewport inner =
        Viewport.of(x, y, width, height, box, element.attribute("preserveAspectRatio"));
    AffineTransform inside = new AffineTransform(place.toMillimetres);
    inside.concatenate(inner.inside());
    MultiPolygon clip = place.clip;
    if (!element.attribute("overflow", "hidden").equals("visible")) {
      Shape frame =
          place.toMillimetres.createTransformedShape(new Rectangle2D.Double(x, y, width, height));
      clip = both(clip, limits.area(frame, FillRule.NON_ZERO));
    }
    children(element, place.with(inside, inner, clip));
  }

  private static double size(SvgElement element, SvgElement sized, String key, double whole) {
    return Lengths.read(sized.attribute(key, element.attribute(key, "100%")), whole, whole);
  }

  private void shape(SvgElement element, Place place) {
    PathData.Read read = Outlines.path(element, place.in);
    if (read == null) {
      return;
    }
    if (read.brokenAt() > 0) {
      skipped.broken(element, read.brokenAt());
    }
    if (read.path().getCurrentPoint() == null || !place.style.visible()) {
      return;
    }
    String id = place.style.reference("clip-path");
    MultiPolygon own =
        id == null ? null : clips.area(id, place.toMillimetres, place.in, envelope(read.path()));
    MultiPolygon clip = both(place.clip, own);
    outline(element, read.path(), place.style, place.with(place.toMillimetres, place.in, clip));
  }

  /** Fills an outline, and goes along it with the pen. */
  private void outline(SvgElement element, Path2D path, Style style, Place place) {
    Shape filled = place.toMillimetres.createTransformedShape(path);
    Limits.within(filled);
    paint(element, Paint.of(style, "fill", "black"), filled, Clips.rule(style, "fill-rule"), place);
    Paint stroke = Paint.of(style, "stroke", "none");
    if (!stroke.equals(Paint.NONE)) {
      Shape covered = Outlines.stroke(path, style, place.in, place.toMillimetres, limits);
      if (covered != null) {
        Limits.within(covered);
        paint(element, stroke, covered, FillRule.NON_ZERO, place);
      }
    }
  }

  private void text(SvgElement element, Place place) {
    Letters letters = Letters.of(element, place.style, sheet, place.in);
    if (!place.style.visible() || letters.all().isEmpty() && letters.isWhole()) {
      return;
    }
    hasText = true;
    if (as.text() == null) {
      skipped.text(element);
      return;
    }
    budget.spend(50L * letters.all().size());
    Texts.Laid laid = Texts.laid(letters, as.text(), lettering);
    for (Texts.Run run : laid.runs()) {
      limits.shape();
      if (run.style().visible()) {
        outline(element, run.outline(), run.style(), within(element, run.style(), place));
      }
    }
    if (!laid.runs().isEmpty()) {
      skipped.set(element, as.text());
    }
    if (!laid.missing().isBlank()) {
      skipped.missing(laid.missing());
    }
    if (!letters.isWhole()) {
      skipped.notWhole(element);
    }
  }

  /** A part of a text may be see-through by itself. */
  private Place within(SvgElement text, Style part, Place place) {
    if (part.equals(place.style)) {
      return place;
    }
    List<Coat.Veil> veils = veiled(text, part, place.veils);
    return new Place(part, place.toMillimetres, place.in, place.clip, veils, place.depth);
  }

  private void picture(SvgElement element, Place place) {
    if (!place.style.visible()) {
      return;
    }
    Picture picture = Picture.of(element, Skipped.named(element), place.in, place.toMillimetres);
    skipped.picture(element, picture);
    if (picture != null && pictures.size() < MOST_PICTURES) {
      pictures.add(picture);
    }
  }

  private void paint(SvgElement element, Paint paint, Shape shape, FillRule rule, Place place) {
    Paint flat = paint;
    if (paint.server() != null) {
      flat = gradients.flat(paint.server()).through(paint.opacity());
      if (flat.colour() == null) {
        skipped.gradient(element);
      } else {
        hasGradients = true;
        skipped.flattened(element, flat.colour(), as.gradients());
      }
    }
    if (flat.colour() == null) {
      return;
    }
    if (flat.opacity() < 1) {
      skipped.seeThrough(element);
    }
    MultiPolygon area = limits.area(shape, rule);
    if (place.clip != null) {
      area = Grid.intersection(area, place.clip, budget);
    }
    if (!area.isEmpty()) {
      coats.add(new Coat(flat.colour(), area, flat.opacity(), place.veils));
    }
  }
}
