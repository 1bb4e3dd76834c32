/** Photographs of loads, jars and lots: made small, stripped of place and device, kept in the database. */
@NullMarked
package org.mobrel.server.photo;

import org.jspecify.annotations.NullMarked;
