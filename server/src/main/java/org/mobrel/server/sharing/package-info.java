/**
 * What several devices may change: every change says which one it had seen last, and a setting that was written since by somebody else is not
 * written over in silence.
 */
@NullMarked
package org.mobrel.server.sharing;

import org.jspecify.annotations.NullMarked;
