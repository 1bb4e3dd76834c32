/**
 * What was canned without Mobrel: whether the tables cover it, and how long something can still be done about it.
 *
 * <p>Entry type: {@link org.mobrel.server.outside.OutsideService}.
 */
@NullMarked
package org.mobrel.server.outside;

import org.jspecify.annotations.NullMarked;
