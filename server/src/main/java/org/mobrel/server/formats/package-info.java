/**
 * Formats that others understand: schema.org Recipe as JSON-LD, saved web pages, plain pasted text. Entry type: {@link
 * org.mobrel.server.formats.RecipeJsonLd}.
 */
@NullMarked
package org.mobrel.server.formats;

import org.jspecify.annotations.NullMarked;
