package org.mobrel.recipe;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.mobrel.foods.Food;
import org.mobrel.foods.StoppedIngredient;

/** What words such as 'oxtail' or 'frozen vegetables' may mean; which of it, the line or the cook has to say. */
record OpenMeaning(QuestionCode code, String text, List<Option> options) {

    /**
     * @param choice what the answer is called
     * @param saidBy states of a line that have answered it already
     * @param bySilence whether it is so unless the line says otherwise; never the shorter time of two
     */
    record Option(
            Choice choice, List<Food> foods, Optional<StoppedIngredient> stop, Set<State> saidBy, boolean bySilence) {}

    OpenMeaning {
        options = List.copyOf(options);
    }

    Optional<Option> saidBy(Set<State> states) {
        return options.stream()
                .filter(option -> option.saidBy().stream().anyMatch(states::contains))
                .reduce((one, other) -> other)
                .or(() -> options.stream().filter(Option::bySilence).findFirst());
    }

    Optional<Option> option(String choice) {
        return options.stream()
                .filter(option -> option.choice().code().equals(choice))
                .findFirst();
    }
}
