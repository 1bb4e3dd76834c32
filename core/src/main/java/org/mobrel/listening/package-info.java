/**
 * What a device that listens at the stove makes of the weight: silence, too much of it, or noise that drowns it. It may ask and warn; it
 * starts no hold, completes none and shortens nothing.
 */
@NullMarked
package org.mobrel.listening;

import org.jspecify.annotations.NullMarked;
