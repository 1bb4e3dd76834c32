/** Devices that listen at the stove: what they measure comes in here, and what the rules make of it is asked and kept. */
@NullMarked
package org.mobrel.server.listening;

import org.jspecify.annotations.NullMarked;
