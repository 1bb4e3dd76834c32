/**
 * What to buy for a day of canning: every dish's amounts as a shop sells them, less what is in the house.
 *
 * <p>Entry type: {@link org.mobrel.shopping.ShoppingList}. Rests on {@code recipe} for what amounts come to.
 */
@NullMarked
package org.mobrel.shopping;

import org.jspecify.annotations.NullMarked;
