/**
 * The acts that work is made of, and the bench that they change: what lies where, from the hot
 * platen down.
 *
 * <p>In: a garment, its tools, acts. Out: after each act the next bench, or why it cannot be; at a
 * closing the Stack at any place. It knows no heat: that runs over what it returns.
 *
 * <ol>
 *   <li>A bench begins with a garment beside cold tools ({@link
 *       velvetkettle.core.work.Bench#with}).
 *   <li>Things are made ready at the table ({@link velvetkettle.core.work.TableAct}); another day
 *       the tools are cold again ({@link velvetkettle.core.work.Bench#nextDay}).
 *   <li>Each {@link velvetkettle.core.work.Act} gives the next bench, or is refused: hands in a
 *       closed press, a sheet that is not there, a zip under the platen.
 *   <li>{@link velvetkettle.core.work.Bench#stack} tells what lies between the platens in the
 *       middle of what is pressed, {@link velvetkettle.core.work.Bench#stackOf} at another place,
 *       as a thing that lies there meets it.
 * </ol>
 */
@NullMarked
package velvetkettle.core.work;

import org.jspecify.annotations.NullMarked;
