/**
 * Journeys of a cook through the real program: its packaged jar in a process of its own, a real MariaDB, a real Chromium, and a clock
 * that a test can move.
 *
 * <p>Pages are driven by role and label, as a person finds things. Entry type: {@link org.mobrel.journeys.RunningMobrel}.
 */
@NullMarked
package org.mobrel.journeys;

import org.jspecify.annotations.NullMarked;
