/**
 * The recipe book; every save is a version. Entry type: {@link org.mobrel.server.recipe.RecipeService}.
 */
@NullMarked
package org.mobrel.server.recipe;

import org.jspecify.annotations.NullMarked;
