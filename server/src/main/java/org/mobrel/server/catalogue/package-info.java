/**
 * The tables as the pages show them, and the core's tables as beans.
 */
@NullMarked
package org.mobrel.server.catalogue;

import org.jspecify.annotations.NullMarked;
