/**
 * The open door for loading: canners and jars in, the best loads out. It keeps nothing and asks no kitchen.
 */
@NullMarked
package org.mobrel.server.loading;

import org.jspecify.annotations.NullMarked;
