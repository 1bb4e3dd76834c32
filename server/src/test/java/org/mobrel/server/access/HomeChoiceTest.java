package org.mobrel.server.access;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.mobrel.server.MobrelServer;
import org.mobrel.server.TestServer;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;

/** The home network is let in and shut out on the page, without the program being started again. */
@ExtendWith(TestServer.class)
class HomeChoiceTest {

    private static final String HOME = "/api/access/home";
    private static final String IN = "{\"open\": true}";
    private static final String OUT = "{\"open\": false}";

    private static ConfigurableApplicationContext start(TestServer server, Path keys, String name, String... more) {
        List<String> arguments = new ArrayList<>(List.of(
                "--server.port=0",
                "--spring.datasource.url=" + server.newDatabase(name),
                "--mobrel.test-clock-file=" + server.clockFile(),
                "--mobrel.home.hello-port=0",
                "--mobrel.home.keys=" + keys));
        arguments.addAll(List.of(more));
        if (more.length == 0) {
            arguments.add("--mobrel.home.port=0");
        }
        return SpringApplication.run(MobrelServer.class, arguments.toArray(String[]::new));
    }

    private static boolean answers(String place) {
        String port = place.substring(place.lastIndexOf(':') + 1);
        try (Socket door = new Socket("127.0.0.1", Integer.parseInt(port))) {
            return door.isConnected();
        } catch (IOException shut) {
            return false;
        }
    }

    @Test
    void it_is_let_in_and_shut_out_while_the_program_runs_and_stays_as_chosen(TestServer server, @TempDir Path keys) {
        String place;
        try (ConfigurableApplicationContext application = start(server, keys, "chosen")) {
            TestServer here = server.at(application);
            JsonNode before = here.get(HOME).body();
            assertThat(before.get("open").asBoolean()).isFalse();
            assertThat(before.get("canChoose").asBoolean()).isTrue();
            assertThat(here.put(HOME, "{}").status()).isEqualTo(400);

            JsonNode open = here.put(HOME, IN).body();
            assertThat(open.get("open").asBoolean()).isTrue();
            assertThat(open.at("/fingerprint").asString()).hasSize(95);
            place = open.at("/places/0").asString();
            assertThat(answers(place)).isTrue();
            assertThat(here.put(HOME, IN).body().at("/places/0").asString())
                    .as("twice is as once")
                    .isEqualTo(place);

            assertThat(here.put(HOME, OUT).body().get("open").asBoolean()).isFalse();
            assertThat(answers(place)).isFalse();
            assertThat(here.put(HOME, IN).body().get("open").asBoolean()).isTrue();
        }
        try (ConfigurableApplicationContext application = start(server, keys, "chosen-again")) {
            JsonNode again = server.at(application).get(HOME).body();
            assertThat(again.get("open").asBoolean())
                    .as("let in at the next start")
                    .isTrue();
            assertThat(answers(again.at("/places/0").asString())).isTrue();
        }
    }

    @Test
    void a_port_that_is_taken_is_said_and_costs_nothing_else(TestServer server, @TempDir Path keys) throws IOException {
        int port;
        ConfigurableApplicationContext application;
        try (ServerSocket taken = new ServerSocket(0)) {
            port = taken.getLocalPort();
            application = start(server, keys, "taken", "--mobrel.home.port=" + port);
            TestServer here = server.at(application);
            JsonNode told = here.put(HOME, IN).body();
            assertThat(told.get("open").asBoolean()).isFalse();
            assertThat(told.get("trouble").asString()).contains("Port " + port + " of this machine is in use");
            assertThat(here.get("/api/kitchen").status()).isEqualTo(200);
        }
        try (application) {
            JsonNode now = server.at(application).put(HOME, IN).body();
            assertThat(now.get("open").asBoolean()).isTrue();
            assertThat(now.get("trouble").isNull()).isTrue();
        }
    }

    @Test
    void what_the_settings_say_stands_above_it(TestServer server, @TempDir Path keys) {
        try (ConfigurableApplicationContext application = start(server, keys, "settled", "--mobrel.home.open=false")) {
            TestServer here = server.at(application);
            assertThat(here.get(HOME).body().get("canChoose").asBoolean()).isFalse();
            TestServer.Answer refused = here.put(HOME, IN);
            assertThat(refused.status()).isEqualTo(409);
            assertThat(refused.body().get("type").asString()).isEqualTo("urn:mobrel:problem:home-network-set");
            assertThat(Files.exists(keys.resolve("let-in"))).isFalse();
        }
    }

    @Test
    void another_device_does_not_choose_it(TestServer server, @TempDir Path keys) throws Exception {
        try (HomeNetwork home = new HomeNetwork(server, "not-there", keys)) {
            HomeNetwork.Answer refused = home.paired("Tablet").send("PUT", HOME, OUT);
            assertThat(refused.status()).isEqualTo(409);
            assertThat(refused.body().get("type").asString()).isEqualTo("urn:mobrel:problem:only-here");
        }
    }
}
