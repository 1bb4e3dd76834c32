/**
 * The demo kitchen: an invented kitchen, loaded once into an empty database when asked for.
 */
@NullMarked
package org.mobrel.server.demo;

import org.jspecify.annotations.NullMarked;
