/** The server: a package for each concept of the core, and {@code platform} below them. */
@NullMarked
package org.mobrel.server;

import org.jspecify.annotations.NullMarked;
