/**
 * Value types with their unit in the type: temperature, temperature difference, time, length,
 * pressure, mass per area. Enters: numbers and what people type. Leaves: checked immutable values,
 * and sentences that carry them unrendered.
 */
@NullMarked
package velvetkettle.core.quantity;

import org.jspecify.annotations.NullMarked;
