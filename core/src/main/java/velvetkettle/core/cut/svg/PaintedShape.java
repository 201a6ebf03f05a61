package velvetkettle.core.cut.svg;

import org.locationtech.jts.geom.MultiPolygon;

/**
 * An area in one flat colour.
 *
 * @param colour as #rrggbb
 * @param area in mm, x to the right and y down
 */
public record PaintedShape(String colour, MultiPolygon area) {}
