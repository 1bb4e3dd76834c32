package org.mobrel.server.reading;

import java.time.InstantSource;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.mobrel.foods.Catalogue;
import org.mobrel.foods.Food;
import org.mobrel.foods.StoppedIngredient;
import org.mobrel.quantity.Length;
import org.mobrel.recipe.Answer;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.LineReader;
import org.mobrel.recipe.LineWriter;
import org.mobrel.recipe.QuestionCode;
import org.mobrel.recipe.State;
import org.mobrel.server.platform.InvalidField;
import org.mobrel.server.platform.KitchenReplaced;
import org.mobrel.server.platform.NotFound;
import org.mobrel.server.platform.PeerChanged;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** Reads lines as this kitchen means them. */
@Service
public class ReadingService {

    private final Catalogue catalogue;
    /** Reads words as the catalogue means them, whatever was taught. */
    private final LineReader plain;

    private final ReadingRepository repository;
    private final InstantSource clock;

    /** More lines than any day's recipes have. */
    private static final int MOST_REMEMBERED = 4_000;

    /** @param lines what was read lately: the same lines are asked for at every tap */
    private record Made(int generation, LineReader reader, Map<String, IngredientLine> lines) {}

    /** Counts the changes, so that a reader made while one was on its way is not kept. */
    private final AtomicInteger generation = new AtomicInteger();

    /** The reader with what was taught; made again after each change. */
    private volatile @Nullable Made made;

    ReadingService(Catalogue catalogue, LineReader plain, ReadingRepository repository, InstantSource clock) {
        this.catalogue = catalogue;
        this.plain = plain;
        this.repository = repository;
        this.clock = clock;
    }

    /** Reads lines as this kitchen means them. */
    public List<IngredientLine> readAll(List<String> texts) {
        Made known = made();
        if (known.lines().size() > MOST_REMEMBERED) {
            known.lines().clear();
        }
        return texts.stream()
                .map(text -> known.lines().computeIfAbsent(text, known.reader()::read))
                .toList();
    }

    public LineReader reader() {
        return made().reader();
    }

    private Made made() {
        Made known = made;
        int now = generation.get();
        if (known == null || known.generation() != now) {
            known = new Made(now, fromStore(), new ConcurrentHashMap<>());
            made = known;
        }
        return known;
    }

    private LineReader fromStore() {
        return new LineReader(
                catalogue,
                repository.ownFoods().stream()
                        .map(food -> StoppedIngredient.ownFood(food.name()))
                        .toList(),
                repository.wordings().stream().collect(Collectors.toMap(TaughtWording::words, TaughtWording::meaning)),
                repository.answers().stream().map(StoredAnswer::toCore).toList());
    }

    /** Only what is committed is read by others; then they read it at once. */
    private void changed() {
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                generation.incrementAndGet();
            }
        });
    }

    /** Another kitchen has other words. */
    @TransactionalEventListener
    void replaced(KitchenReplaced replaced) {
        generation.incrementAndGet();
    }

    @EventListener
    void changed(PeerChanged change) {
        generation.incrementAndGet();
    }

    @Transactional(readOnly = true)
    public List<TaughtWording> taught() {
        return repository.wordings();
    }

    @Transactional(readOnly = true)
    public List<StoredAnswer> answers() {
        return repository.answers();
    }

    /**
     * Remembers what was answered: what a word is wherever it stands, anything else for lines of this wording.
     *
     * @param line as the cook typed it
     */
    @Transactional
    public void remember(String line, Answer answer) {
        String words = answer.words();
        String wording = answer.code() == QuestionCode.NOT_UNDERSTOOD ? "" : reader().wording(line);
        if (words.isBlank() || words.length() > 300 || wording.length() > 300) {
            return;
        }
        StoredAnswer now = new StoredAnswer(answer.code().code(), words, wording, answer.choice());
        if (!repository.answers().contains(now)) {
            repository.remember(now, clock.instant());
            changed();
        }
    }

    /**
     * Asks again.
     *
     * @param line the line it was answered for, as typed or as it is remembered
     */
    @Transactional
    public void forgetAnswer(String code, String words, String line) {
        String wording = code.equals(QuestionCode.NOT_UNDERSTOOD.code()) ? "" : line;
        if (repository.forgetAnswer(code, words, wording) > 0
                || repository.forgetAnswer(code, words, reader().wording(wording)) > 0) {
            changed();
        }
    }

    @Transactional(readOnly = true)
    public List<OwnFood> ownFoods() {
        return repository.ownFoods();
    }

    /**
     * Remembers what the words of a line mean.
     *
     * @param line as the cook typed it; its amount does not matter
     * @throws InvalidField if there is no such food, or the line has no words
     */
    @Transactional
    public void teach(String line, String food, Set<State> states, Optional<Length> piece) {
        Food known = catalogue.find(food).orElseThrow(() -> new InvalidField("food", "no food of the catalogue"));
        String words = reader().wording(line);
        if (words.isBlank() || words.length() > 300) {
            throw new InvalidField("line", "there are no words in it that could be remembered");
        }
        repository.teach(new TaughtWording(words, meaning(known, states, piece)), clock.instant());
        changed();
    }

    /**
     * Reads the line's words as they stand again.
     *
     * @return what they meant until now; empty where nothing was taught, or where teaching it again would not mean the very same
     */
    @Transactional
    Optional<ForgottenWording> forget(String line) {
        String words = reader().wording(line);
        Optional<ForgottenWording> meant = repository.wordings().stream()
                .filter(wording -> wording.words().equals(words))
                .findAny()
                .flatMap(this::asTaught);
        repository.forget(words);
        changed();
        return meant;
    }

    private Optional<ForgottenWording> asTaught(TaughtWording wording) {
        IngredientLine read = plain.read(wording.meaning());
        return read.food()
                .map(food -> new ForgottenWording(wording.words(), food, read.states(), read.largestPiece()))
                .filter(again ->
                        meaning(again.food(), again.states(), again.piece()).equals(wording.meaning()));
    }

    private static String meaning(Food food, Set<State> states, Optional<Length> piece) {
        // Dried limas are dried beans: what is picked must be read as what was picked.
        Set<State> meant = new HashSet<>(states);
        if (food.isDriedBeans()) {
            meant.add(State.DRIED);
        }
        return LineWriter.words(List.of(food.word()), meant, piece.stream().toList());
    }

    /**
     * Adds a food of the cook's own. A name may hold a known word, as 'sea kale' does: the longer phrase counts.
     *
     * @throws InvalidField if the name already means something
     */
    @Transactional
    public void addOwnFood(String name, String note) {
        LineReader now = reader();
        if (now.meaning(name).isPresent()
                || now.read(name).amount().isPresent()
                || now.wording(name).isBlank()) {
            throw new InvalidField("name", "the catalogue knows these words already; give it a name of its own");
        }
        repository.add(name, note, clock.instant());
        changed();
    }

    /** @throws NotFound if there is no such food */
    @Transactional
    public void removeOwnFood(long id) {
        if (repository.remove(id) == 0) {
            throw new NotFound("food of your own", id);
        }
        changed();
    }
}
