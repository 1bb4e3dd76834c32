/**
 * {@code POST /api/ruling}: the core's ruling over HTTP, without state. Entry type: {@link org.mobrel.server.ruling.RulingService}.
 */
@NullMarked
package org.mobrel.server.ruling;

import org.jspecify.annotations.NullMarked;
