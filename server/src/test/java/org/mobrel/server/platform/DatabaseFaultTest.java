package org.mobrel.server.platform;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.SQLException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.dao.CannotAcquireLockException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.TransientDataAccessResourceException;
import org.springframework.http.ProblemDetail;
import org.springframework.jdbc.UncategorizedSQLException;

/** What ails the database is called by its name, however deep it is wrapped; what is not known stays what it was. */
class DatabaseFaultTest {

    private final Problems problems = new Problems();

    @ParameterizedTest
    @CsvSource({
        "1021, 507, disk-full, Make room",
        "1114, 507, disk-full, Make room",
        "1290, 503, read-only, has to set it back",
        "1836, 503, read-only, has to set it back",
        "1034, 503, damaged, bring back the last backup",
        "1932, 503, damaged, bring back the last backup",
        "4711, 500, bug, should not happen"
    })
    void by_its_number(int code, int status, String type, String remedy) {
        SQLException cause = new SQLException("from the driver", "HY000", code);
        ProblemDetail told = problems.bug(new UncategorizedSQLException("an insert", "INSERT", cause));
        assertThat(told.getStatus()).isEqualTo(status);
        assertThat(told.getType()).hasToString("urn:mobrel:problem:" + type);
        assertThat(told.getDetail()).contains(remedy).doesNotContain("driver").doesNotContain("%");
        ProblemDetail inPassing = problems.database(new TransientDataAccessResourceException("wrapped", cause));
        assertThat(inPassing.getType()).hasToString("urn:mobrel:problem:" + (type.equals("bug") ? "database" : type));
    }

    @ParameterizedTest
    @CsvSource({"1452, 409, someone-was-first", "1451, 409, someone-was-first", "1048, 500, bug"})
    void what_a_step_was_about_is_gone(int code, int status, String type) {
        ProblemDetail told = problems.gone(
                new DataIntegrityViolationException("an insert", new SQLException("from the driver", "23000", code)));
        assertThat(told.getStatus()).isEqualTo(status);
        assertThat(told.getType()).hasToString("urn:mobrel:problem:" + type);
        assertThat(told.getDetail()).doesNotContain("driver");
    }

    @Test
    void two_steps_at_once_are_not_a_database_that_is_away() {
        ProblemDetail told = problems.busy(new CannotAcquireLockException("an update"));
        assertThat(told.getStatus()).isEqualTo(503);
        assertThat(told.getTitle()).isEqualTo("Just being changed");
        assertThat(told.getDetail())
                .isEqualTo("Another step is changing the same just now, such as a backup that is brought back."
                        + " This one was not stored; try again in a moment.");
    }
}
