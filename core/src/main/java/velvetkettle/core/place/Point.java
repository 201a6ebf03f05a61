package velvetkettle.core.place;

/** A corner of an outline, in mm, as {@link velvetkettle.core.cloth.Area} counts. */
public record Point(double x, double y) {}
