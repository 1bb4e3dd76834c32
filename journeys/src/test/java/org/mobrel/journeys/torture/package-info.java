/**
 * What no cook does on purpose: requests made up from the API's own description, and kills in the middle of every kind of write.
 *
 * <p>No tests of the suite: {@code ./mobrel bench torture} runs them for as long as is wished and prints what it counted. Entry types:
 * {@link org.mobrel.journeys.torture.RequestTorture}, {@link org.mobrel.journeys.torture.KillTorture}.
 */
@NullMarked
package org.mobrel.journeys.torture;

import org.jspecify.annotations.NullMarked;
