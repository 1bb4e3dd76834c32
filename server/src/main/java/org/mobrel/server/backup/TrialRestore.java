package org.mobrel.server.backup;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.flywaydb.core.Flyway;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.support.JdbcTransactionManager;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.json.JsonMapper;

/** Takes a backup in where nobody lives, and holds what comes out against it: the same kitchen always gives the same bytes. */
@Component
class TrialRestore {

    private final ScratchSchema schema;
    private final JsonMapper json;

    TrialRestore(ScratchSchema schema, JsonMapper json) {
        this.schema = schema;
        this.json = json;
    }

    /** @throws IOException if what was taken in is not what was written */
    void of(Path file) throws IOException {
        try {
            schema.tryOut(scratch -> {
                Flyway.configure().dataSource(scratch).load().migrate();
                BackupService there =
                        new BackupService(new BackupRepository(new JdbcTemplate(scratch)), news -> {}, json, List.of());
                TransactionTemplate whole = new TransactionTemplate(new JdbcTransactionManager(scratch));
                whole.executeWithoutResult(transaction -> there.restore(file, BackupService.Way.REPLACE, false));
                holdAgainst(file, there);
            });
        } catch (IOException | RuntimeException failed) {
            throw failed;
        } catch (Exception other) {
            throw new IllegalStateException(other);
        }
    }

    private static void holdAgainst(Path file, BackupService there) throws IOException {
        Path again = Temporary.file();
        try {
            try (OutputStream out = Files.newOutputStream(again)) {
                there.write(out);
            }
            long differs = Files.mismatch(file, again);
            if (differs >= 0) {
                throw new IOException("taken in for trial, it came out differently from byte %s on".formatted(differs));
            }
        } finally {
            Files.delete(again);
        }
    }
}
