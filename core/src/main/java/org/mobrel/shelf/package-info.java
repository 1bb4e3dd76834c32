/**
 * Lots of sealed jars and the movements that bring them to the shelf and to the table.
 *
 * <p>Entry type: {@link org.mobrel.shelf.Lot}. The number of jars is always the sum of movements, never a count that is written over.
 */
@NullMarked
package org.mobrel.shelf;

import org.jspecify.annotations.NullMarked;
