/**
 * The day: what is done when, by whose hands, on which burner, and for how long somebody has to stay in the kitchen.
 *
 * <p>{@link org.mobrel.day.PreparationSchedule} lays out the work before the jars and says when each dish is ready; the loads are chosen in {@code
 * loading}; {@link org.mobrel.day.Workday} puts both together in minutes from its own beginning; {@link org.mobrel.day.Day} sets it at
 * a time, with the evening before, and says what does not fit. No minute here decides about a process: those come with the loads.
 */
@NullMarked
package org.mobrel.day;

import org.jspecify.annotations.NullMarked;
