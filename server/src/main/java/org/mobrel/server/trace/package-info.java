/**
 * Finds every lot that something touches which came to light later: a dial that read high, a row of the tables that was corrected.
 *
 * <p>Entry type: {@link org.mobrel.server.trace.TraceService}.
 */
@NullMarked
package org.mobrel.server.trace;

import org.jspecify.annotations.NullMarked;
