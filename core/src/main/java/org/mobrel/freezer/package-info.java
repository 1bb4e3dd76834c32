/**
 * The route for a dish that may not go into jars: freeze it, or can its base and finish it at serving.
 *
 * <p>Entry type: {@link org.mobrel.freezer.FreezerRoute}.
 */
@NullMarked
package org.mobrel.freezer;

import org.jspecify.annotations.NullMarked;
