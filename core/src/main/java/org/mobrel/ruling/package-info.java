/**
 * The ruling on a batch: its process time, pressure and headspace, who sets the time, and what stands against it.
 *
 * <p>Entry type: {@link org.mobrel.ruling.Rulings}. It only ever picks the longest published time that applies; it never
 * computes one.
 */
@NullMarked
package org.mobrel.ruling;

import org.jspecify.annotations.NullMarked;
