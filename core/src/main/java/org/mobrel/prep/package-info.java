/**
 * The work before the jars: what is done to each food, in order, and what is worth keeping of what is cut away.
 *
 * <p>Entry type: {@link org.mobrel.prep.PrepList}. The steps come from {@code method}; this sorts them by food.
 */
@NullMarked
package org.mobrel.prep;

import org.jspecify.annotations.NullMarked;
