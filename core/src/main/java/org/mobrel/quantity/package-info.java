/**
 * Measured values: one type per physical quantity, one exact canonical unit per type.
 *
 * <p>A bare number never crosses a boundary; conversions live in named factories and accessors. Rests on nothing.
 */
@NullMarked
package org.mobrel.quantity;

import org.jspecify.annotations.NullMarked;
