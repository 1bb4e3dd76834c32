package org.mobrel.recipe;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.mobrel.foods.Catalogue;
import org.mobrel.foods.Food;
import org.mobrel.foods.FoodTrait;
import org.mobrel.foods.StatedForm;
import org.mobrel.foods.StoppedIngredient;
import org.mobrel.recipe.Phrases.Found;

/** What the states of a line make of the foods it names: limas that are dried are dried beans, and nothing of the beef beside them. */
final class FoodStates {

    private final Catalogue catalogue;
    private final String rest;
    private final List<String> words;
    private final Optional<Amount> amount;
    private final List<Found<Mention>> mentions;
    private final List<Found<State>> stateWords;
    private final Set<State> states;

    FoodStates(
            Catalogue catalogue,
            String rest,
            List<String> words,
            Optional<Amount> amount,
            List<Found<Mention>> mentions,
            List<Found<State>> stateWords,
            Set<State> states) {
        this.catalogue = catalogue;
        this.rest = rest;
        this.words = words;
        this.amount = amount;
        this.mentions = mentions;
        this.stateWords = stateWords;
        this.states = states;
    }

    /** What the states and the amount of the line change in what its words mean. */
    Mention settled(Found<Mention> found) {
        Mention mention = found.meaning();
        if (mention.stop().filter(StoppedIngredient::isFat).isPresent()
                && states.contains(State.FOR_BROWNING)
                && states.contains(State.DRAINED)) {
            return Mention.of(mention.phrase(), catalogue.foodWith(FoodTrait.FOR_BROWNING));
        }
        Mention settled = mention;
        if (isSaidDried(found)) {
            settled = FoodConversion.ifSaid(catalogue, settled, StatedForm.DRIED);
        }
        if (isSaidOf(found, State.CANNED)) {
            settled = FoodConversion.ifSaid(catalogue, settled, StatedForm.CANNED);
        }
        if (isBoneIn(found)) {
            settled = FoodConversion.ifSaid(catalogue, settled, StatedForm.BONE_IN);
        }
        if (isBoneless(found)) {
            settled = FoodConversion.ifSaid(catalogue, settled, StatedForm.BONELESS);
        }
        if (isSaidOf(found, State.CURED)) {
            settled = FoodConversion.ifSaid(catalogue, settled, StatedForm.CURED);
        }
        if (isSaidOf(found, State.WILD)) {
            settled = FoodConversion.ifSaid(catalogue, settled, StatedForm.WILD);
        }
        if (isSaidFresh(found)) {
            settled = FoodConversion.ifSaid(catalogue, settled, StatedForm.FRESH);
        }
        if (isByTheSpoon(mention)) {
            Mention ground = FoodConversion.ifSaid(catalogue, settled, StatedForm.BY_THE_SPOON);
            settled = Mention.of(
                    "ground " + Tokenizer.singular(mention.phrase()),
                    ground.food().orElseThrow());
        }
        return settled;
    }

    /** Pulses by any name that are dried, or were soaked, are dried beans. */
    private boolean isSaidDried(Found<Mention> found) {
        boolean soaked = states.contains(State.SOAKED) || states.contains(State.UNSOAKED);
        boolean becomesBeans = found.meaning().foods().stream()
                .flatMap(food -> catalogue.meant(food, StatedForm.DRIED).stream())
                .anyMatch(meant -> meant.food().filter(Food::isDriedBeans).isPresent());
        return isSaidOf(found, State.DRIED) || soaked && becomesBeans;
    }

    /** 'Fresh' stands right beside what it is said of; the fresh water behind the beans is water. */
    private boolean isSaidFresh(Found<Mention> found) {
        return Stream.of(State.DRIED, State.SOAKED, State.COOKED).noneMatch(states::contains)
                && stateWords.stream()
                        .anyMatch(said -> said.meaning() == State.FRESH
                                && (found.holds(said)
                                        || isRightBefore(said, found)
                                        || said.start() >= found.end() && isOnlyStates(found.end(), said.start())));
    }

    /** Whether only states and breaks stand there: 'beans, canned, fresh'. */
    private boolean isOnlyStates(int from, int to) {
        return IntStream.range(from, to)
                .allMatch(at -> words.get(at).equals(Tokenizer.BREAK)
                        || stateWords.stream().anyMatch(said -> said.covers(at)));
    }

    private boolean isBoneIn(Found<Mention> found) {
        return isSaidOf(found, State.BONE_IN) && !isSaidOf(found, State.BONELESS);
    }

    /** Of bought with bones and boned since, the second holds: it has the longer time. */
    private boolean isBoneless(Found<Mention> found) {
        boolean pickedApart = isSaidOf(found, State.COOKED)
                && (words.contains("shredded") || words.contains("pulled") || words.contains("picked"));
        return isSaidOf(found, State.BONELESS) || pickedApart;
    }

    /**
     * Whether a state is said of this name: it stands in it or right before it, or it stands behind it with nothing named between
     * it and the next break.
     */
    private boolean isSaidOf(Found<Mention> found, State state) {
        if (!states.contains(state)) {
            return false;
        }
        for (Found<State> said : stateWords) {
            if (said.meaning() == state && isOwner(found, said)) {
                return true;
            }
        }
        return false;
    }

    private boolean isOwner(Found<Mention> found, Found<State> said) {
        for (Found<Mention> mention : mentions) {
            if (mention.holds(said) || mention.crosses(said) || isRightBefore(said, mention)) {
                return mention.equals(found);
            }
        }
        return found.end() <= said.start();
    }

    private boolean isRightBefore(Found<State> said, Found<Mention> mention) {
        for (int at = said.end(); at < mention.start(); at++) {
            if (words.get(at).equals(Tokenizer.BREAK)
                    || LineInterpreter.isJoining(words.get(at)) && !isBeforeState(at)
                    || words.get(at).equals("with")
                    || words.get(at).equals("plus")) {
                return false;
            }
        }
        return said.end() <= mention.start();
    }

    /** The 'or' of 'dried or fresh lima beans' joins what is said of the beans; that of 'dried apricots or beans' joins names. */
    private boolean isBeforeState(int join) {
        return stateWords.stream().anyMatch(state -> state.start() == join + 1);
    }

    /**
     * 'Pepper' by the spoon, by the pinch or to taste is the spice; peppers are counted, weighed or measured in cups. Which foods are
     * called so is a column of the table.
     */
    private boolean isByTheSpoon(Mention mention) {
        boolean one = mention.food()
                .filter(food -> food.name().equals(mention.phrase())
                        && catalogue.meant(food, StatedForm.BY_THE_SPOON).isPresent())
                .isPresent();
        return one
                && rest.toLowerCase(Locale.ROOT)
                        .matches("(?s).*\\b" + Pattern.quote(Tokenizer.singular(mention.phrase())) + "\\b.*")
                && amount.map(Amount::unit)
                        .map(unit -> unit == MeasureUnit.TEASPOON
                                || unit == MeasureUnit.TABLESPOON
                                || unit.kind() == MeasureUnit.Kind.TRACE)
                        .orElse(true);
    }
}
