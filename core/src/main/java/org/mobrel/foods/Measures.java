package org.mobrel.foods;

import java.util.Optional;
import org.mobrel.quantity.Mass;

/**
 * The kitchen averages of a food, good to about 15 %.
 *
 * @param rawPerCup prepared but uncooked, in a US cup
 * @param hotMassRatio mass in the jar over raw prepared mass, for a hot pack: above 1 for soaked beans, below 1 for browned meat
 * @param inJarPerCup as packed, pieces with their gaps, in a US cup
 * @param solidGramsPerMl density of the pieces themselves: what displaces broth
 * @param asBoughtYield raw prepared mass over mass as bought; empty where it is not known
 * @param unit one of it, such as one carrot; empty where it is not counted
 */
public record Measures(
        Mass rawPerCup,
        double hotMassRatio,
        Mass inJarPerCup,
        double solidGramsPerMl,
        Optional<Double> asBoughtYield,
        Optional<Mass> unit) {}
