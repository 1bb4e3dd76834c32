/**
 * The method of a recipe: the steps that the tested rows demand, and which of them it lacks.
 *
 * <p>Entry type: {@link org.mobrel.method.RequiredSteps}. The steps are data beside this package; when they are done is left to the
 * day's plan.
 */
@NullMarked
package org.mobrel.method;

import org.jspecify.annotations.NullMarked;
