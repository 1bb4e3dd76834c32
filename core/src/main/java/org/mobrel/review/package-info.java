/**
 * Questions about the recipe itself: what contradicts itself, cannot be, or is not said. Asked, never guessed.
 *
 * <p>Entry type: {@link org.mobrel.review.RecipeReview}. Whether a recipe may be canned is decided by {@code ruling}.
 */
@NullMarked
package org.mobrel.review;

import org.jspecify.annotations.NullMarked;
