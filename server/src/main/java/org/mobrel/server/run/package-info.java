/**
 * Canner runs: events as they happen, in the order they happened, and nothing ever changed. Entry type: {@link
 * org.mobrel.server.run.RunService}.
 */
@NullMarked
package org.mobrel.server.run;

import org.jspecify.annotations.NullMarked;
