package org.mobrel.server.batch;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarSize;
import org.mobrel.server.platform.KitchenReplaced;
import org.mobrel.server.run.RunService;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Keeps decisions as records of their own, with the rows they rest on, whatever program wrote them. */
@Service
class DecisionService implements ApplicationRunner {

    private final BatchRepository repository;
    private final FormerDecision former;
    private final RunService runs;
    private final JsonMapper json;

    DecisionService(BatchRepository repository, FormerDecision former, RunService runs, JsonMapper json) {
        this.repository = repository;
        this.former = former;
        this.runs = runs;
        this.json = json;
    }

    /** What an earlier program wrote, or a backup brought, is read once and kept as it is kept now. */
    @Override
    @Transactional
    public void run(ApplicationArguments arguments) {
        bringUpToDate();
    }

    @EventListener
    @Transactional
    public void replaced(KitchenReplaced replaced) {
        bringUpToDate();
    }

    private void bringUpToDate() {
        for (StoredBatch batch : repository.withoutRows()) {
            StoredDecision decision = read(batch);
            repository.store(batch.id(), written(decision), decision.rows());
        }
    }

    String written(StoredDecision decision) {
        return json.writeValueAsString(decision);
    }

    StoredDecision read(StoredBatch batch) {
        JsonNode kept = json.readTree(batch.ruling());
        return kept.has("version")
                ? json.treeToValue(kept, StoredDecision.class)
                : former.read(kept, batch, sizes(batch.id()));
    }

    private Set<JarSize> sizes(long batch) {
        List<JarCount> jars = runs.ofBatch(batch).stream()
                .flatMap(run -> run.jarsOf(batch).stream())
                .toList();
        return jars.stream().map(JarCount::size).collect(Collectors.toSet());
    }
}
