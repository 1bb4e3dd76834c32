/**
 * A plan worked out: what a cook wants becomes dishes with amounts and rulings, loads of canners and a day. Functions from values to
 * values: what is stored, and what past runs took, is handed in.
 *
 * <p>Entry types: {@link org.mobrel.planning.DishPlanner}, {@link org.mobrel.planning.LoadPlanner}, {@link
 * org.mobrel.planning.DayPlanner}.
 */
@NullMarked
package org.mobrel.planning;

import org.jspecify.annotations.NullMarked;
