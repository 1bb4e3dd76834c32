package org.mobrel.server.catalogue;

import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.mobrel.canner.PressureTable;
import org.mobrel.foods.Catalogue;
import org.mobrel.foods.TestedProcess;
import org.mobrel.jars.JarSize;
import org.mobrel.server.platform.KitchenReplaced;
import org.mobrel.server.platform.NotFound;
import org.mobrel.server.platform.PeerChanged;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Which rows of the tables somebody has compared with a printed copy. A row that differs is suspended: nothing goes by it, and nobody types a time
 * in its place.
 */
@Service
public class RowComparisons {

    private final RowComparisonRepository repository;
    private final Set<String> rows;
    private volatile @Nullable Map<String, RowComparison> known;

    RowComparisons(RowComparisonRepository repository, Catalogue catalogue, PressureTable pressures) {
        this.repository = repository;
        this.rows = Stream.of(
                        catalogue.processes().stream().map(TestedProcess::id),
                        pressures.bands().stream().map(PressureTable.Band::id),
                        Stream.of(JarSize.values()).flatMap(size -> JarSize.rowOf(size).stream()))
                .flatMap(Function.identity())
                .collect(Collectors.toUnmodifiableSet());
    }

    /** By the id of the row; read once and kept until one is changed, since every ruling asks. */
    private Map<String, RowComparison> known() {
        Map<String, RowComparison> now = known;
        return now == null ? read() : now;
    }

    /** Never beside {@link #forgetAll}: what was read before a change would be kept after it. */
    private synchronized Map<String, RowComparison> read() {
        Map<String, RowComparison> now =
                repository.all().stream().collect(Collectors.toMap(RowComparison::row, Function.identity()));
        known = now;
        return now;
    }

    private synchronized void forgetAll() {
        known = null;
    }

    public Optional<RowComparison> of(String row) {
        return Optional.ofNullable(known().get(row));
    }

    /** Whether a row was compared, by whom and with what, in a few words. */
    public String inWords(String row) {
        return of(row).map(RowComparison::inWords).orElse("not compared yet");
    }

    /** The rows that differ from a printed copy. */
    public Set<String> suspended() {
        return known().values().stream()
                .filter(comparison -> !comparison.agrees())
                .map(RowComparison::row)
                .collect(Collectors.toSet());
    }

    /** @throws NotFound if no table has such a row */
    @Transactional
    public void compared(RowComparison comparison) {
        require(comparison.row());
        repository.store(comparison);
        readAgain();
    }

    /** @throws NotFound if no table has such a row, or nobody compared it */
    @Transactional
    public void forget(String row) {
        require(row);
        if (repository.remove(row) == 0) {
            throw new NotFound("comparison of row", row);
        }
        readAgain();
    }

    /** @throws NotFound if no table has such a row */
    public void require(String row) {
        if (!rows.contains(row)) {
            throw new NotFound("row", row);
        }
    }

    private void readAgain() {
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                forgetAll();
            }
        });
    }

    @TransactionalEventListener
    void replaced(KitchenReplaced replaced) {
        forgetAll();
    }

    @EventListener
    void changed(PeerChanged change) {
        forgetAll();
    }
}
