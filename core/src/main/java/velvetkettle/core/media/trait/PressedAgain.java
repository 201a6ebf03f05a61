package velvetkettle.core.media.trait;

/**
 * What a further press does to a medium that lies there already.
 *
 * @param tackedBelow whether it is only tacked where more of its like goes over it, and the press
 *     of the uppermost does the rest
 * @param flattens whether any press after its own spoils it
 * @param bonds whether its second press makes bond too
 */
public record PressedAgain(
    Layering layering, boolean tackedBelow, boolean flattens, boolean bonds) {}
