/**
 * Batches: what was put on the stove, and the logbook of it. Entry type: {@link org.mobrel.server.batch.BatchService}.
 */
@NullMarked
package org.mobrel.server.batch;

import org.jspecify.annotations.NullMarked;
