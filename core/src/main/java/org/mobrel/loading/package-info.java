/**
 * Which jars go into which canner together, and when: the day that ends soonest, then with the least time on watch, then in the fewest
 * loads, then with the least over-processing.
 *
 * <p>Entry type: {@link org.mobrel.loading.Loader}. {@link org.mobrel.loading.Rack} says what fits together, {@link
 * org.mobrel.loading.BaselinePlans} what a cook would do without it. Rests on {@code quantity}, {@code jars} and {@code canner}. The way
 * of the search is told in {@code docs/decisions/0009-loading.md}.
 */
@NullMarked
package org.mobrel.loading;

import org.jspecify.annotations.NullMarked;
