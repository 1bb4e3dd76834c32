/**
 * Gauges that send their readings by themselves, and the simulated canner that stands in for one.
 *
 * <p>Entry types: {@link org.mobrel.server.device.DeviceService} is the door for readings, {@link
 * org.mobrel.server.device.SimulationService} turns the knobs of a simulated canner.
 */
@NullMarked
package org.mobrel.server.device;

import org.jspecify.annotations.NullMarked;
