package org.mobrel.server.reading;

import java.util.Optional;
import java.util.Set;
import org.mobrel.foods.Food;
import org.mobrel.quantity.Length;
import org.mobrel.recipe.State;

/**
 * What a wording was taught to mean, as it can be taught again.
 *
 * @param words as the reader compares them
 * @param piece the largest size of piece, where one was named
 */
record ForgottenWording(String words, Food food, Set<State> states, Optional<Length> piece) {}
