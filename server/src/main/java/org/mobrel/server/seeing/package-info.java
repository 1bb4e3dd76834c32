/** Devices that look at a dial: the numbers they read come in here, and what the rules make of them is asked and kept. */
@NullMarked
package org.mobrel.server.seeing;

import org.jspecify.annotations.NullMarked;
