/**
 * What is printed: the process card for the stove, the record of a batch, labels, the shelf, the lots on hold.
 *
 * <p>Entry type: {@link org.mobrel.server.prints.PrintService}. A print is a page of HTML made into a PDF; light on ink, legible at arm's length.
 */
@NullMarked
package org.mobrel.server.prints;

import org.jspecify.annotations.NullMarked;
