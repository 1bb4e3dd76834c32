/**
 * Ingredient lines: reading a line of text into amount, food, state and cut, and turning its amount into mass and volume.
 *
 * <p>Entry type: {@link org.mobrel.recipe.LineReader}. It only says what was understood; what may be canned is decided by
 * {@code ruling}.
 */
@NullMarked
package org.mobrel.recipe;

import org.jspecify.annotations.NullMarked;
