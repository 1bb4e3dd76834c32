/**
 * From a recipe and jars to amounts, loads and process cards. Entry type: {@link org.mobrel.server.planning.PlanService}.
 */
@NullMarked
package org.mobrel.server.planning;

import org.jspecify.annotations.NullMarked;
