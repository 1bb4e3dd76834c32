/**
 * The catalogue: foods, tested processes, stopped ingredients and the pressure table, as read from the tables beside this
 * package.
 *
 * <p>Entry type: {@link org.mobrel.foods.Catalogue}. What the figures mean for a batch is left to {@code ruling}.
 */
@NullMarked
package org.mobrel.foods;

import org.jspecify.annotations.NullMarked;
