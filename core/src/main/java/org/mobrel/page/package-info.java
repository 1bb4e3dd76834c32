/**
 * A page of text as a cook types, dictates or pastes it, parted into what it holds.
 *
 * <p>Entry type: {@link org.mobrel.page.PageReader}.
 */
@NullMarked
package org.mobrel.page;

import org.jspecify.annotations.NullMarked;
