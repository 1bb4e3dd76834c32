package org.mobrel.journeys.torture;

import com.google.gson.JsonElement;
import com.google.gson.JsonParser;
import java.io.UncheckedIOException;
import java.net.http.HttpResponse;
import java.util.Optional;
import java.util.function.Supplier;
import org.mobrel.journeys.RunningMobrel;

/** Requests to a server that may be killed while it answers. */
final class Attempts {

    private final RunningMobrel mobrel;

    Attempts(RunningMobrel mobrel) {
        this.mobrel = mobrel;
    }

    /** What was acknowledged; empty where nobody said that it was done. */
    Optional<JsonElement> post(String path, String json) {
        return acknowledged(() -> mobrel.post(path, json));
    }

    Optional<JsonElement> put(String path, String json) {
        return acknowledged(() -> mobrel.put(path, json));
    }

    private static Optional<JsonElement> acknowledged(Supplier<HttpResponse<String>> request) {
        try {
            HttpResponse<String> answer = request.get();
            if (answer.statusCode() / 100 == 4) {
                throw new IllegalStateException("refused: " + answer.body());
            }
            return answer.statusCode() / 100 == 2
                    ? Optional.of(JsonParser.parseString(answer.body()))
                    : Optional.empty();
        } catch (UncheckedIOException gone) {
            return Optional.empty();
        }
    }

    /** What is there now that server and database are up again. */
    JsonElement get(String path) {
        HttpResponse<String> answer = mobrel.get(path);
        if (answer.statusCode() != 200) {
            throw new IllegalStateException(path + " is answered " + answer.statusCode() + " " + answer.body());
        }
        return JsonParser.parseString(answer.body());
    }
}
