package velvetkettle.core.cut.svg;

import java.awt.geom.AffineTransform;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.MultiPolygon;
import velvetkettle.core.cut.shape.FillRule;
import velvetkettle.core.cut.shape.Grid;
import velvetkettle.core.cut.shape.WorkBudget;

/** The area that a {@code clipPath} leaves to be seen. */
final class Clips {
  private static final int DEEPEST = 20;

  private final SvgTree tree;
  private final StyleSheet sheet;

  private final Limits limits;
  private final WorkBudget budget;

  Clips(SvgTree tree, StyleSheet sheet, Limits limits, WorkBudget budget) {
    this.budget = budget;
    this.tree = tree;
    this.sheet = sheet;
    this.limits = limits;
  }

  /**
   * In mm; null where there is no such clip, which then clips nothing.
   *
   * @param toMillimetres from the units of the element that is clipped
   * @param bounds of that element in its own units; a clip may be told in parts of them
   */
  @Nullable MultiPolygon area(
      String id, AffineTransform toMillimetres, Viewport in, Envelope bounds) {
    return area(id, toMillimetres, in, bounds, 0);
  }

  private @Nullable MultiPolygon area(
      String id, AffineTransform toMillimetres, Viewport in, Envelope bounds, int depth) {
    SvgElement clip = tree.ids().get(id);
    if (clip == null || !clip.name().equals("clipPath")) {
      return null;
    }
    if (depth > DEEPEST) {
      throw UnreadableDrawingException.of("svg.circle", id);
    }
    AffineTransform inside = new AffineTransform(toMillimetres);
    if (clip.attribute("clipPathUnits", "").equals("objectBoundingBox")) {
      inside.translate(bounds.getMinX(), bounds.getMinY());
      inside.scale(bounds.getWidth(), bounds.getHeight());
    }
    inside.concatenate(Transforms.read(clip.attribute("transform")));
    List<Geometry> parts = new ArrayList<>();
    Style style = Style.INITIAL.of(clip, sheet);
    for (SvgElement child : clip.children()) {
      MultiPolygon part = part(child, style.of(child, sheet), inside, in, bounds, depth);
      if (part != null) {
        parts.add(part);
      }
    }
    MultiPolygon all = Grid.union(parts, budget);
    String further = style.reference("clip-path");
    MultiPolygon also =
        further == null ? null : area(further, toMillimetres, in, bounds, depth + 1);
    return also == null ? all : Grid.intersection(all, also, budget);
  }

  private @Nullable MultiPolygon part(
      SvgElement child,
      Style style,
      AffineTransform outside,
      Viewport in,
      Envelope bounds,
      int depth) {
    limits.read(child);
    if (!style.displayed() || !style.visible()) {
      return null;
    }
    AffineTransform inside = new AffineTransform(outside);
    inside.concatenate(Transforms.read(child.attribute("transform")));
    SvgElement shape = child;
    Style look = style;
    String used = child.name().equals("use") ? child.href() : null;
    if (used != null) {
      SvgElement target = tree.ids().get(used);
      if (target == null) {
        return null;
      }
      inside.translate(
          Lengths.read(child.attribute("x"), in.width(), 0),
          Lengths.read(child.attribute("y"), in.height(), 0));
      inside.concatenate(Transforms.read(target.attribute("transform")));
      limits.read(target);
      shape = target;
      look = style.of(target, sheet);
    }
    PathData.Read read = Outlines.path(shape, in);
    if (read == null) {
      return null;
    }
    MultiPolygon area =
        limits.area(inside.createTransformedShape(read.path()), rule(look, "clip-rule"));
    String further = look.reference("clip-path");
    MultiPolygon also = further == null ? null : area(further, inside, in, bounds, depth + 1);
    return also == null ? area : Grid.intersection(area, also, budget);
  }

  static FillRule rule(Style style, String key) {
    return style.get(key, "nonzero").equals("evenodd") ? FillRule.EVEN_ODD : FillRule.NON_ZERO;
  }
}
