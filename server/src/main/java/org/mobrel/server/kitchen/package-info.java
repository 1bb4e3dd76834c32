/**
 * The kitchen: altitude, units, school and canners. Entry type: {@link org.mobrel.server.kitchen.KitchenDesk}.
 */
@NullMarked
package org.mobrel.server.kitchen;

import org.jspecify.annotations.NullMarked;
