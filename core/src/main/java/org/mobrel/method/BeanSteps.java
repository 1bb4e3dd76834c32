package org.mobrel.method;

import java.util.List;
import org.mobrel.foods.Food;
import org.mobrel.foods.FoodKind;
import org.mobrel.recipe.LineReader;

/** Reads how dried beans are soaked and boiled. */
final class BeanSteps {

    private static final String WATER = "water";

    private BeanSteps() {}

    static void read(List<Sentence> sentences, int at, List<LineReader.Named> named, List<StepStatement> sayings) {
        Sentence sentence = sentences.get(at);
        boolean otherFood = isOtherFood(named);
        boolean beans = StepPhrases.BEANS.matcher(sentence.plain()).find()
                || named.stream().flatMap(one -> one.mention().foods().stream()).anyMatch(Food::isDriedBeans);
        if (sentence.effects().contains("dry-beans")) {
            return;
        }
        boolean quick = isQuickSoak(sentences, at);
        if (!quick
                && StepPhrases.BEANS.matcher(sentence.plain()).find()
                && StepPhrases.POURS_BOILING.matcher(sentence.plain()).find()
                && StepPhrases.RESTS_AN_HOUR.matcher(sentence.plain()).find()) {
            // Boiling water poured over them is neither of the two tested soaks.
            sayings.add(new StepStatement.Soaks(sentence.quote(), StepStatement.Soak.SHORT));
            return;
        }
        if (sentence.says(StepPhrases.SOAK) && (beans || !otherFood) || quick) {
            sayings.add(new StepStatement.Soaks(sentence.quote(), quick ? StepStatement.Soak.QUICK : soak(sentence)));
        }
        if (!beans && !(named.stream().noneMatch(BeanSteps::isMoreThanFlavouring) && isAboutSoakedBeans(sentences, at))
                || quick) {
            return;
        }
        if (StepPhrases.NO_BOIL.matcher(sentence.plain()).find()) {
            sayings.add(new StepStatement.BoilsBeans(sentence.quote(), 0));
        } else if (sentence.says(StepPhrases.COOKS) && !otherFood) {
            TimedWork.longest(sentence.plain())
                    .filter(minutes -> minutes < 30 || sentence.says(StepPhrases.BOILS))
                    .ifPresent(minutes -> sayings.add(new StepStatement.BoilsBeans(sentence.quote(), minutes)));
        }
    }

    /** Whether anything but beans is named. */
    static boolean isOtherFood(List<LineReader.Named> named) {
        return named.stream()
                .map(LineReader.Named::mention)
                .anyMatch(mention -> mention.stop()
                                .filter(stop -> !stop.code().equals("dry-beans"))
                                .isPresent()
                        || mention.foods().stream().anyMatch(food -> food.kind().isSolid() && !food.isDriedBeans()));
    }

    /** Neither a bay leaf nor the water makes the boiling no other food's. */
    private static boolean isMoreThanFlavouring(LineReader.Named one) {
        return one.mention().stop().isPresent()
                || one.mention().foods().stream()
                        .anyMatch(food ->
                                food.kind() != FoodKind.FLAVOURING && !food.id().equals(WATER));
    }

    /** 'Boil them 10 minutes', right after the beans were soaked, perhaps drained in between. */
    private static boolean isAboutSoakedBeans(List<Sentence> sentences, int at) {
        if (StepPhrases.SOLIDS.matcher(sentences.get(at).plain()).find()) {
            return false;
        }
        for (int before = at - 1; before >= 0; before--) {
            Sentence one = sentences.get(before);
            if (one.says(StepPhrases.SOAK)) {
                return StepPhrases.BEANS.matcher(one.plain()).find();
            }
            if (!StepPhrases.DRAINS.matcher(one.plain()).find()) {
                return false;
            }
        }
        return false;
    }

    private static boolean isQuickSoak(List<Sentence> sentences, int at) {
        Sentence sentence = sentences.get(at);
        if (sentence.says(StepPhrases.QUICK_SOAK)) {
            return true;
        }
        if (!sentence.says(StepPhrases.BOILS_TWO_MINUTES)) {
            return false;
        }
        return StepPhrases.RESTS_AN_HOUR.matcher(sentence.plain()).find()
                || Sentence.next(sentences, at)
                        .filter(one ->
                                StepPhrases.RESTS_AN_HOUR.matcher(one.plain()).find())
                        .isPresent();
    }

    private static StepStatement.Soak soak(Sentence sentence) {
        if (StepPhrases.OVERNIGHT.matcher(sentence.plain()).find()) {
            return StepStatement.Soak.OVERNIGHT;
        }
        return TimedWork.longest(sentence, StepPhrases.SOAKS_FOR)
                .map(most -> most >= 12 * 60 ? StepStatement.Soak.OVERNIGHT : StepStatement.Soak.SHORT)
                .orElse(StepStatement.Soak.SOME);
    }
}
