/**
 * Steam, and a simulated canner to practise on.
 *
 * <p>Entry types: {@link org.mobrel.steam.SimulatedCanner} takes a canner from one second to the next,
 * {@link org.mobrel.steam.Instruments} says what a cook sees and hears of it. For explanation and practice only: nothing here ever sets or
 * shortens a process.
 */
@NullMarked
package org.mobrel.steam;

import org.jspecify.annotations.NullMarked;
