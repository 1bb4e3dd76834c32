/**
 * Several servers on one database: what one of them writes, the others tell their pages within a second. Only where the settings say that
 * there are several.
 *
 * <p>Entry type: {@link org.mobrel.server.peers.PeerNews}.
 */
@NullMarked
package org.mobrel.server.peers;

import org.jspecify.annotations.NullMarked;
