/**
 * Which jars go into the canner together.
 *
 * <p>Entry type: {@link org.mobrel.loading.Loads}. Rests on {@code canner} and {@code jars}.
 */
@NullMarked
package org.mobrel.loading;

import org.jspecify.annotations.NullMarked;
