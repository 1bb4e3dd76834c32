/**
 * Who may in, and what they may do: devices that were paired, people with a PIN, and the least role for every door.
 *
 * <p>Entry types: {@link org.mobrel.server.access.Doors} is the table of doors, {@link org.mobrel.server.access.AccessService} lets
 * devices and people in.
 */
@NullMarked
package org.mobrel.server.access;

import org.jspecify.annotations.NullMarked;
