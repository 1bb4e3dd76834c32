/**
 * The kitchen's doors on the home network: encrypted by a small authority of its own, found by name, and closed unless asked for.
 *
 * <p>Entry types: {@link org.mobrel.server.home.Doorways} says by which door a request came, {@link
 * org.mobrel.server.home.HomeAuthority} makes the certificates.
 */
@NullMarked
package org.mobrel.server.home;

import org.jspecify.annotations.NullMarked;
