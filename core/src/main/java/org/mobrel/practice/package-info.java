/**
 * A canner to learn on: rehearsals, drills, reading exercises, and when to come back to them.
 *
 * <p>Entry types: {@link org.mobrel.practice.CarefulCook} brings a canner to a moment, {@link org.mobrel.practice.Drill} judges what was
 * done there, {@link org.mobrel.practice.Rehearsal} follows a first evening with water only, {@link org.mobrel.practice.LineExercise} asks
 * what sets the time, {@link org.mobrel.practice.Repetition} says when a drill comes again. Nothing here sets, shortens or records a
 * process: what is right is asked of the rulings and tables.
 */
@NullMarked
package org.mobrel.practice;

import org.jspecify.annotations.NullMarked;
