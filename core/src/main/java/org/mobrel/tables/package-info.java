/**
 * Reading the comma-separated tables that hold the rules of the world.
 *
 * <p>A bad cell is reported with file, line, column and content. Entry type: {@link org.mobrel.tables.Table}. Rests on nothing.
 */
@NullMarked
package org.mobrel.tables;

import org.jspecify.annotations.NullMarked;
