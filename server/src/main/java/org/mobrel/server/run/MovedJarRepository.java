package org.mobrel.server.run;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.mobrel.quantity.Volume;
import org.mobrel.server.platform.SqlTime;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Jars that came to a load after it was planned. */
@Repository
class MovedJarRepository {

    private final JdbcClient db;

    MovedJarRepository(JdbcClient db) {
        this.db = db;
    }

    /** A jar by its number in a load. */
    record Seat(long run, int jar) {}

    /** Jars that were left out for the next load since an instant and have not gone into another one, the oldest first. */
    List<Seat> waitingSince(Instant since) {
        return db.sql(
                        """
                        SELECT DISTINCT e.run_id, e.jar FROM run_event e
                        LEFT JOIN run_jar_moved m ON m.from_run = e.run_id AND m.from_jar = e.jar
                        WHERE e.kind = 'jar-left' AND e.place = 'next-load' AND e.happened_at >= :since AND m.from_run IS NULL
                        ORDER BY e.run_id, e.jar
                        """)
                .param("since", SqlTime.of(since))
                .query((row, number) -> new Seat(row.getLong("run_id"), row.getInt("jar")))
                .list();
    }

    /** The load that took a jar which another one had left out. */
    Optional<Long> takenBy(Seat jar) {
        return db.sql("SELECT to_run FROM run_jar_moved WHERE from_run = :run AND from_jar = :jar")
                .param("run", jar.run())
                .param("jar", jar.jar())
                .query(Long.class)
                .optional();
    }

    /** The jars of a load that another one had left out, by their numbers in it. */
    Set<Integer> takenFromOthers(long run) {
        return Set.copyOf(db.sql("SELECT to_jar FROM run_jar_moved WHERE to_run = :run")
                .param("run", run)
                .query(Integer.class)
                .list());
    }

    void move(Seat from, Seat to) {
        db.sql(
                        """
                        INSERT INTO run_jar_moved (from_run, from_jar, to_run, to_jar) VALUES (:from, :fromJar, :to, :toJar)
                        """)
                .param("from", from.run())
                .param("fromJar", from.jar())
                .param("to", to.run())
                .param("toJar", to.jar())
                .update();
    }

    /** One more jar, behind all others, so that they keep their numbers. */
    void append(long run, RunGroup one) {
        db.sql(
                        """
                        INSERT INTO run_jars (run_id, position, size, mouth, jars, batch_id, title, verdict, broth_ul, variant, finish)
                        SELECT :run, MAX(position) + 1, :size, :mouth, :jars, :batch, :title, :verdict, :broth, :variant, :finish
                        FROM run_jars WHERE run_id = :run
                        """)
                .param("run", run)
                .param("size", one.jars().size().code())
                .param("mouth", one.jars().mouth().code())
                .param("jars", one.jars().count())
                .param("batch", one.batchId())
                .param("title", one.title())
                .param("verdict", one.verdict().code())
                .param("broth", one.broth().map(Volume::microlitres).orElse(null))
                .param("variant", one.variant())
                .param("finish", one.finish())
                .update();
    }
}
