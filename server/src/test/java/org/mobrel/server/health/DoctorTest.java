package org.mobrel.server.health;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.mobrel.server.TestServer;
import org.mobrel.server.platform.Conflict;
import tools.jackson.databind.ObjectMapper;

/** What the command says of the machine reaches the page as it is, or it is said that nothing was heard. */
@ExtendWith(TestServer.class)
class DoctorTest {

    private static Doctor command(Path folder, String script) throws IOException {
        Path command = Files.writeString(folder.resolve("mobrel"), "#!/bin/bash\n" + script + "\n");
        Files.setPosixFilePermissions(command, PosixFilePermissions.fromString("rwx------"));
        return new Doctor(new ObjectMapper(), command.toString());
    }

    @Test
    void it_is_told_in_its_words_also_where_something_is_wrong(@TempDir Path folder) throws IOException {
        Doctor doctor = command(
                folder,
                """
                        [[ "$*" == 'doctor --json' ]] || exit 2
                        cat <<'END'
                        [{"check":"disk","state":"wrong","words":"40 MB free","remedy":"make \\"room\\""},
                         {"check":"zone","state":"ok","words":"Europe/Berlin","remedy":null}]
                        END
                        exit 1""");
        assertThat(doctor.look())
                .containsExactly(
                        new Doctor.Finding("disk", Doctor.State.wrong, "40 MB free", "make \"room\""),
                        new Doctor.Finding("zone", Doctor.State.ok, "Europe/Berlin", null));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "echo not at all",
                "exit 1",
                "echo '[{\"check\":\"disk\",\"state\":\"fine\"}]'",
                "kill -9 $$",
                "head -c 200000 /dev/zero | tr '\\0' ' '"
            })
    void what_cannot_be_read_is_no_finding(String script, @TempDir Path folder) throws IOException {
        Doctor doctor = command(folder, script);
        assertThatThrownBy(doctor::look).isInstanceOfSatisfying(Conflict.class, silent -> assertThat(silent.code())
                .isEqualTo("doctor-silent"));
    }

    @Test
    void a_server_that_was_started_by_itself_says_so(TestServer server) {
        TestServer.Answer told = server.get("/api/health/machine");
        assertThat(told.status()).isEqualTo(409);
        assertThat(told.body().get("type").asString()).isEqualTo("urn:mobrel:problem:no-doctor");
    }
}
