package org.mobrel.journeys.torture;

import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** The API as the server itself describes it: its operations, and the schemas of what goes in. */
final class ApiDescription {

    /**
     * One thing that can be asked for or done.
     *
     * @param path with names in braces
     * @param body the schema of what is sent, if anything is
     * @param type the media type of what is sent
     */
    record Operation(String method, String path, List<Parameter> parameters, Optional<JsonObject> body, String type) {
        @Override
        public String toString() {
            return method + " " + path;
        }
    }

    /** @param in path or query */
    record Parameter(String name, String in, boolean required, JsonObject schema) {}

    /** It never ends, so it cannot be waited for. */
    private static final String STREAM = "/api/runs/stream";

    private final JsonObject schemas;
    private final List<Operation> operations = new ArrayList<>();

    ApiDescription(String json) {
        JsonObject whole = JsonParser.parseString(json).getAsJsonObject();
        schemas = whole.getAsJsonObject("components").getAsJsonObject("schemas");
        whole.getAsJsonObject("paths")
                .entrySet()
                .forEach(path -> path.getValue().getAsJsonObject().entrySet().forEach(each -> {
                    if (!path.getKey().equals(STREAM)) {
                        operations.add(operation(
                                each.getKey(), path.getKey(), each.getValue().getAsJsonObject()));
                    }
                }));
    }

    List<Operation> operations() {
        return operations;
    }

    private static Operation operation(String method, String path, JsonObject said) {
        List<Parameter> parameters = new ArrayList<>();
        if (said.has("parameters")) {
            for (JsonElement each : said.getAsJsonArray("parameters")) {
                JsonObject one = each.getAsJsonObject();
                parameters.add(new Parameter(
                        one.get("name").getAsString(),
                        one.get("in").getAsString(),
                        one.has("required") && one.get("required").getAsBoolean(),
                        one.getAsJsonObject("schema")));
            }
        }
        Optional<Map.Entry<String, JsonElement>> content = Optional.ofNullable(said.getAsJsonObject("requestBody"))
                .flatMap(body ->
                        body.getAsJsonObject("content").entrySet().stream().findFirst());
        return new Operation(
                method.toUpperCase(Locale.ROOT),
                path,
                parameters,
                content.map(entry -> entry.getValue().getAsJsonObject().getAsJsonObject("schema")),
                content.map(Map.Entry::getKey).orElse("application/json"));
    }

    /** The schema itself, where another is only pointed to. */
    JsonObject resolved(JsonObject schema) {
        return schema.has("$ref")
                ? schemas.getAsJsonObject(schema.get("$ref").getAsString().substring("#/components/schemas/".length()))
                : schema;
    }
}
