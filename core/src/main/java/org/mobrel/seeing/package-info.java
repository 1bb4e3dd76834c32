/** What a device saw of a dial, and when that is a reason to ask. It asks and warns; it never reassures, and moves no run. */
@NullMarked
package org.mobrel.seeing;

import org.jspecify.annotations.NullMarked;
