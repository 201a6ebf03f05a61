package velvetkettle.core.shelf;

import velvetkettle.core.quantity.Millimetres;

/** A piece left over that something small still fits on. */
public record Remnant(Millimetres width, Millimetres length) {}
