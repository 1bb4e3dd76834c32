/**
 * From a recipe to jars: how much of every line, how much broth, what is short or left.
 *
 * <p>Entry type: {@link org.mobrel.scaling.Scaling}. All results are kitchen averages, good to about 15 %.
 */
@NullMarked
package org.mobrel.scaling;

import org.jspecify.annotations.NullMarked;
