/**
 * What every concept of the server rests on: the clock, problems, the guard at the door, the API document. Knows no concept.
 */
@NullMarked
package org.mobrel.server.platform;

import org.jspecify.annotations.NullMarked;
