package org.mobrel.method;

import java.util.List;
import java.util.Optional;
import org.mobrel.foods.StoppedIngredient;
import org.mobrel.quantity.Fraction;
import org.mobrel.quantity.Length;
import org.mobrel.recipe.Mention;

/** Something a step says that matters to what may be canned, or to how it is done. */
public sealed interface StepStatement {

    /** Where it is said. */
    Quote quote();

    /** What an answer to a question about it is remembered by; two foods of one sentence are two questions. */
    default String key() {
        return quote().key();
    }

    /** The same, said elsewhere. */
    StepStatement at(Quote other);

    /**
     * A sentence of a step.
     *
     * @param step the index of the step, from 0
     * @param words the sentence as typed
     */
    record Quote(int step, String words) {

        /** What an answer to a question about it is remembered by. */
        public String key() {
            return words.length() <= LONGEST_KEY ? words : words.substring(0, LONGEST_KEY);
        }

        private static final int LONGEST_KEY = 300;

        Quote behind(int steps) {
            return new Quote(step + steps, words);
        }
    }

    /** Blended, mashed, sieved. */
    record Purees(Quote quote) implements StepStatement {

        @Override
        public StepStatement at(Quote other) {
            return new Purees(other);
        }
    }

    /** Floured, thickened, boiled down to a paste. */
    record Thickens(Quote quote) implements StepStatement {

        @Override
        public StepStatement at(Quote other) {
            return new Thickens(other);
        }
    }

    /** Something that may not go into the jar. */
    record AddsStopped(Quote quote, StoppedIngredient stop, String words) implements StepStatement {

        @Override
        public StepStatement at(Quote other) {
            return new AddsStopped(other, stop, words);
        }
    }

    /** A food, to be held against the list. */
    record Names(Quote quote, Mention food, String words) implements StepStatement {

        @Override
        public StepStatement at(Quote other) {
            return new Names(other, food, words);
        }

        @Override
        public String key() {
            return words;
        }
    }

    /**
     * Words that may name a food or change one, for all that is known of them.
     *
     * @param until whether they say how far something is cooked, and so name nothing that goes in
     */
    record Unread(Quote quote, String words, boolean until) implements StepStatement {

        @Override
        public StepStatement at(Quote other) {
            return new Unread(other, words, until);
        }

        @Override
        public String key() {
            return words;
        }
    }

    /** Beans that go dry into the jar, or are not to be soaked. */
    record DryBeans(Quote quote) implements StepStatement {

        @Override
        public StepStatement at(Quote other) {
            return new DryBeans(other);
        }
    }

    /** Less than ten minutes of steam before the weight goes on. */
    record ShortVent(Quote quote) implements StepStatement {

        @Override
        public StepStatement at(Quote other) {
            return new ShortVent(other);
        }
    }

    /** Cold water, ice or a lifted weight to bring the pressure down. */
    record ForcedCooling(Quote quote) implements StepStatement {

        @Override
        public StepStatement at(Quote other) {
            return new ForcedCooling(other);
        }
    }

    record PacksRaw(Quote quote) implements StepStatement {

        @Override
        public StepStatement at(Quote other) {
            return new PacksRaw(other);
        }
    }

    record PacksHot(Quote quote) implements StepStatement {

        @Override
        public StepStatement at(Quote other) {
            return new PacksHot(other);
        }
    }

    /**
     * How full of solids the jars are to be.
     *
     * @param exact whether the step names the share; 'mostly vegetables' does not, and is asked about
     */
    record Fills(Quote quote, Fraction share, boolean exact) implements StepStatement {

        @Override
        public StepStatement at(Quote other) {
            return new Fills(other, share, exact);
        }
    }

    /** How beans are soaked. */
    record Soaks(Quote quote, Soak soak) implements StepStatement {

        @Override
        public StepStatement at(Quote other) {
            return new Soaks(other, soak);
        }
    }

    /** @param minutes 0 where the step says that they are not boiled at all */
    record BoilsBeans(Quote quote, int minutes) implements StepStatement {

        @Override
        public StepStatement at(Quote other) {
            return new BoilsBeans(other, minutes);
        }
    }

    /** Skins stay on; foods is empty where the sentence names none. */
    record Unpeeled(Quote quote, List<Mention> foods) implements StepStatement {

        @Override
        public StepStatement at(Quote other) {
            return new Unpeeled(other, foods);
        }
    }

    /**
     * How large the pieces of some foods are cut.
     *
     * @param largest empty where only a shape such as 'chunks' is named
     */
    record Cuts(Quote quote, List<Mention> foods, Optional<Length> largest, List<String> shapes)
            implements StepStatement {

        @Override
        public StepStatement at(Quote other) {
            return new Cuts(other, foods, largest, shapes);
        }
    }

    /** A process the recipe states by itself. */
    record States(Quote quote, StatedProcess process) implements StepStatement {

        @Override
        public StepStatement at(Quote other) {
            return new States(other, process);
        }
    }

    /** The canning itself, otherwise than a canner's manual has it. */
    record Departs(Quote quote, Departure departure) implements StepStatement {

        @Override
        public StepStatement at(Quote other) {
            return new Departs(other, departure);
        }
    }

    /** Work that takes its time: 'simmer 2 hours', 'chill overnight'. */
    record Takes(Quote quote, Work work, int minutes) implements StepStatement {

        @Override
        public StepStatement at(Quote other) {
            return new Takes(other, work, minutes);
        }
    }

    /** How beans are soaked. */
    enum Soak {
        /** Twelve hours or more. */
        OVERNIGHT,
        /** Boiled 2 minutes and rested an hour. */
        QUICK,
        /** Said, without how long. */
        SOME,
        /** Too short for the tested process. */
        SHORT
    }

    /** Work that shapes the day. */
    enum Work {
        SIMMER,
        BOIL_BEANS,
        ROAST,
        CHILL,
        FREEZE,
        REST
    }
}
