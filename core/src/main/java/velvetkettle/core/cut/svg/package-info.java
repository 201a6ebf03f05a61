/**
 * Reads drawings that others made. In goes the text of an SVG file; out come its painted shapes in
 * millimetres, each with its colour, in the order in which they cover one another, and what was
 * left out with what to do about it. Nothing in a file is run, fetched or expanded, and each size
 * has a limit.
 *
 * <ol>
 *   <li>{@link velvetkettle.core.cut.svg.SvgTree} reads the elements, without a document type.
 *   <li>{@link velvetkettle.core.cut.svg.SvgReader} walks them with viewport, transform, style and
 *       clip in hand.
 *   <li>{@link velvetkettle.core.cut.svg.Outlines} makes paths of shapes; a stroke becomes the area
 *       that its pen covers.
 *   <li>{@link velvetkettle.core.cut.shape.Rings} makes areas of the flattened paths, by fill rule.
 * </ol>
 */
@NullMarked
package velvetkettle.core.cut.svg;

import org.jspecify.annotations.NullMarked;
