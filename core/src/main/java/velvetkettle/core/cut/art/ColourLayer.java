package velvetkettle.core.cut.art;

import org.locationtech.jts.geom.MultiPolygon;

/**
 * What is cut of one colour.
 *
 * @param colour as #rrggbb
 * @param area in mm, its polygons apart from one another
 */
public record ColourLayer(String colour, MultiPolygon area) {}
