/**
 * The sheet that a customer says yes to. In goes a ticket as it would be planned; out comes a PDF
 * with the garment, what goes where in millimetres, colours, names and care, and no prices.
 */
@NullMarked
package velvetkettle.server.proof;

import org.jspecify.annotations.NullMarked;
