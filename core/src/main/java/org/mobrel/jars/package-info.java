/**
 * Jars: sizes, mouths, headspace and how much each holds when filled to its headspace.
 *
 * <p>Entry type: {@link org.mobrel.jars.JarTable}. Rests on {@code quantity}.
 */
@NullMarked
package org.mobrel.jars;

import org.jspecify.annotations.NullMarked;
