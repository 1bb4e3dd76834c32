/**
 * The kitchen: altitude, units, school and canners. Entry type: {@link org.mobrel.server.kitchen.KitchenService}.
 */
@NullMarked
package org.mobrel.server.kitchen;

import org.jspecify.annotations.NullMarked;
