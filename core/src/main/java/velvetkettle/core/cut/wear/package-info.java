/** What blades and mats have behind them. */
@NullMarked
package velvetkettle.core.cut.wear;

import org.jspecify.annotations.NullMarked;
