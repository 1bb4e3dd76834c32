/**
 * The open door for scaling: what is asked is answered, nothing is kept. Plans of a kitchen are made in {@code planning}.
 */
@NullMarked
package org.mobrel.server.scaling;

import org.jspecify.annotations.NullMarked;
