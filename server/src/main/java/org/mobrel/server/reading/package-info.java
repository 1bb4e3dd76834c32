/**
 * How this kitchen's words are read: corrections it taught, foods of its own. Entry type: {@link
 * org.mobrel.server.reading.ReadingService}.
 */
@NullMarked
package org.mobrel.server.reading;

import org.jspecify.annotations.NullMarked;
