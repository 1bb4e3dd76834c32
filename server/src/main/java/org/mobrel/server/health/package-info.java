/**
 * Whether this server may work and can: that no other one is on its data, that the database answers and takes what it is given, that
 * there is room on the disk, and what somebody can do where it is not so.
 *
 * <p>Entry types: {@link org.mobrel.server.health.SoleServer}, {@link org.mobrel.server.health.KitchenHealth}.
 */
@NullMarked
package org.mobrel.server.health;

import org.jspecify.annotations.NullMarked;
