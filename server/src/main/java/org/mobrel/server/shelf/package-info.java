/**
 * Lots and the ledger of their movements. Entry type: {@link org.mobrel.server.shelf.ShelfService}.
 */
@NullMarked
package org.mobrel.server.shelf;

import org.jspecify.annotations.NullMarked;
