package org.mobrel.server.run;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.Iterator;
import java.util.function.Predicate;
import org.mobrel.server.TestServer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/** The line of a page that listens. */
final class EventStream implements AutoCloseable {

    private static final ObjectMapper JSON = new ObjectMapper();

    /** A message of the line. */
    record Message(String name, String id, JsonNode data, int bytes) {}

    private final HttpResponse<java.util.stream.Stream<String>> answer;
    private final Iterator<String> lines;

    EventStream(TestServer server, String seen) {
        try {
            answer = HttpClient.newHttpClient()
                    .send(
                            HttpRequest.newBuilder(URI.create(
                                            "http://127.0.0.1:" + server.port() + "/api/runs/stream?seen=" + seen))
                                    .build(),
                            HttpResponse.BodyHandlers.ofLines());
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(stopped);
        }
        lines = answer.body().iterator();
    }

    Message next() {
        String name = "";
        String id = "";
        StringBuilder data = new StringBuilder();
        while (true) {
            String line = lines.next();
            if (line.isEmpty() && !data.isEmpty()) {
                return new Message(name, id, JSON.readTree(data.toString()), data.length());
            }
            String value = line.substring(Math.min(line.length(), line.indexOf(':') + 1));
            if (line.startsWith("event:")) {
                name = value;
            } else if (line.startsWith("id:")) {
                id = value;
            } else if (line.startsWith("data:")) {
                data.append(value);
            }
        }
    }

    Message next(Predicate<Message> wanted) {
        Message message = next();
        while (!wanted.test(message)) {
            message = next();
        }
        return message;
    }

    @Override
    public void close() {
        answer.body().close();
    }
}
