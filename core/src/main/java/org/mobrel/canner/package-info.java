/**
 * The pressure canner: which instrument rules it, how far its dial is off, and how many jars it takes.
 *
 * <p>Entry type: {@link org.mobrel.canner.CannerProfile}. Rests on {@code quantity}, {@code finding} and {@code jars}.
 */
@NullMarked
package org.mobrel.canner;

import org.jspecify.annotations.NullMarked;
