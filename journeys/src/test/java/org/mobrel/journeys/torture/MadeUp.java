package org.mobrel.journeys.torture;

import com.google.gson.JsonArray;
import com.google.gson.JsonElement;
import com.google.gson.JsonNull;
import com.google.gson.JsonObject;
import com.google.gson.JsonPrimitive;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;

/** Values for a schema: mostly such as could be meant, from what the kitchen itself has said, and some that nobody means. */
final class MadeUp {

    private static final int DEEPEST = 6;
    private static final int KEPT = 60;

    private static final List<String> LINES = List.of(
            "2 lb beef chuck, cubed",
            "3 cups carrots, sliced",
            "1/2 lb dried kidney beans, soaked and boiled 30 min",
            "4 qt chicken stock",
            "1 cup heavy cream",
            "2 tins butter beans, drained",
            "salt",
            "3 oxtails",
            "1 frobbled celery & 2 onions",
            "900 g potatoes, peeled, 2 cm cubes",
            "½ cup pearl barley",
            "Bring to a boil, simmer 5 minutes, fill jars");

    private static final List<String> WORDS = List.of(
            "",
            " ",
            "quart",
            "pint",
            "half-gallon",
            "hot",
            "raw",
            "weighted",
            "dial",
            "reading",
            "note",
            "lid-on",
            "weight-on",
            "heat-off",
            "moving",
            "still",
            "sealed",
            "2026-11-29",
            "2026-11-29T10:00:00Z",
            "10:30",
            "metric",
            "us",
            "REPLACE",
            "true",
            "Soup",
            "a-b-c");

    private static final List<String> NASTY = List.of(
            "\u0000",
            "\u0007\u001b[31m",
            "\ud800",
            "\udfff\ud800",
            "e\u0301\u0301\u0301",
            "\u202egnal",
            "ﬁ①㎏⅝",
            "'; DROP TABLE recipe; --",
            "<script>alert(1)</script>",
            "${jndi:x}%s%n%s{}",
            "../../../../etc/passwd",
            "-99999999-01-01T00:00:00Z",
            "+999999999-12-31T23:59:59.999999999Z",
            "0000-00-00",
            "NaN",
            "1e400",
            "9".repeat(400),
            "👩‍🍳".repeat(50),
            "x".repeat(3_000),
            "é".repeat(40_000),
            "[".repeat(900),
            "<".repeat(5_000),
            "1 cup ".repeat(2_000),
            "\t\r\n\u2028\u2029");

    private static final List<Number> NUMBERS = List.of(
            0,
            -1,
            1,
            2,
            3,
            5,
            7,
            8,
            20,
            60,
            251,
            1_000,
            65_536,
            Integer.MAX_VALUE,
            Integer.MIN_VALUE,
            Long.MAX_VALUE,
            Long.MIN_VALUE,
            0.5,
            2.5,
            -0.0,
            1e-300,
            1e308,
            5e18);

    private final ApiDescription api;
    private final Random random;
    private final Map<String, List<JsonElement>> heard = new HashMap<>();

    MadeUp(ApiDescription api, Random random) {
        this.api = api;
        this.random = random;
    }

    boolean chance(double of) {
        return random.nextDouble() < of;
    }

    <T> T one(List<T> of) {
        return of.get(random.nextInt(of.size()));
    }

    int below(int bound) {
        return random.nextInt(bound);
    }

    /** Remembers what was said under which name: what the kitchen says is what it may be told. */
    void hear(JsonElement said) {
        if (said.isJsonObject()) {
            said.getAsJsonObject().entrySet().forEach(entry -> {
                List<JsonElement> known = heard.computeIfAbsent(entry.getKey(), name -> new ArrayList<>());
                if (known.size() < KEPT) {
                    known.add(entry.getValue());
                } else {
                    known.set(random.nextInt(KEPT), entry.getValue());
                }
                hear(entry.getValue());
            });
        } else if (said.isJsonArray()) {
            said.getAsJsonArray().forEach(this::hear);
        }
    }

    /** @param odd how likely each single value is one that nobody means */
    JsonElement value(String name, JsonObject described, double odd, int depth) {
        JsonObject schema = api.resolved(described);
        if (chance(odd)) {
            return anything(depth);
        }
        List<JsonElement> known = heard.get(name);
        if (known != null && chance(depth == 0 ? 0 : 0.5)) {
            return one(known).deepCopy();
        }
        String type = schema.has("type") ? text(schema.get("type")) : "object";
        return switch (type) {
            case "string" -> new JsonPrimitive(string(schema));
            case "integer" -> new JsonPrimitive(whole(schema));
            case "number" -> new JsonPrimitive(random.nextInt(400) / 8.0);
            case "boolean" -> new JsonPrimitive(random.nextBoolean());
            case "array" -> array(name, schema, odd, depth);
            case "null" -> JsonNull.INSTANCE;
            default -> object(schema, odd, depth);
        };
    }

    private static String text(JsonElement type) {
        return type.isJsonArray() ? type.getAsJsonArray().get(0).getAsString() : type.getAsString();
    }

    private JsonElement object(JsonObject schema, double odd, int depth) {
        JsonObject made = new JsonObject();
        if (depth > DEEPEST || !schema.has("properties")) {
            return made;
        }
        List<String> required = new ArrayList<>();
        if (schema.has("required")) {
            schema.getAsJsonArray("required").forEach(each -> required.add(each.getAsString()));
        }
        schema.getAsJsonObject("properties").entrySet().forEach(property -> {
            if (chance(required.contains(property.getKey()) ? 1 - odd / 2 : 0.6)) {
                made.add(
                        property.getKey(),
                        value(property.getKey(), property.getValue().getAsJsonObject(), odd, depth + 1));
            }
        });
        return made;
    }

    private JsonElement array(String name, JsonObject schema, double odd, int depth) {
        JsonArray made = new JsonArray();
        if (depth > DEEPEST || !schema.has("items")) {
            return made;
        }
        int most = chance(0.01) ? 300 : 5;
        for (int left = random.nextInt(most); left > 0; left--) {
            made.add(value(name, schema.getAsJsonObject("items"), odd, depth + 1));
        }
        return made;
    }

    private String string(JsonObject schema) {
        String format = schema.has("format") ? schema.get("format").getAsString() : "";
        return switch (format) {
            case "date" -> String.format(Locale.ROOT, "2026-%02d-%02d", 1 + random.nextInt(12), 1 + random.nextInt(28));
            case "date-time" ->
                String.format(Locale.ROOT, "2026-11-%02dT%02d:30:00Z", 1 + random.nextInt(28), random.nextInt(24));
            default -> chance(0.5) ? one(LINES) : one(WORDS);
        };
    }

    private long whole(JsonObject schema) {
        long least = schema.has("minimum") ? schema.get("minimum").getAsLong() : 0;
        return least + random.nextInt(chance(0.8) ? 12 : 3_000);
    }

    /** What a value of another kind may be: also none, a nest, or a string that is none. */
    private JsonElement anything(int depth) {
        return switch (random.nextInt(7)) {
            case 0 -> JsonNull.INSTANCE;
            case 1 -> new JsonPrimitive(one(NUMBERS));
            case 2 -> new JsonPrimitive(random.nextBoolean());
            case 3 -> new JsonArray();
            case 4 -> depth > 3 ? new JsonObject() : nest(random.nextInt(200));
            default -> new JsonPrimitive(one(NASTY));
        };
    }

    private static JsonElement nest(int depth) {
        JsonElement inner = new JsonPrimitive(1);
        for (int level = 0; level < depth; level++) {
            JsonArray outer = new JsonArray();
            outer.add(inner);
            inner = outer;
        }
        return inner;
    }

    /** A value as it stands in an address. */
    String inAddress(String name, JsonObject schema, double odd) {
        if (chance(odd)) {
            return chance(0.3) ? String.valueOf(one(NUMBERS)) : shortened(one(NASTY));
        }
        List<JsonElement> known = heard.get(name);
        if (known != null && chance(0.7)) {
            JsonElement said = one(known);
            return said.isJsonPrimitive() ? shortened(said.getAsString()) : "1";
        }
        JsonElement made = value(name, schema, 0, 1);
        return made.isJsonPrimitive() ? shortened(made.getAsString()) : "1";
    }

    private static String shortened(String text) {
        return text.length() > 1_500 ? text.substring(0, 1_500) : text;
    }

    /** A body that is broken as text: cut, doubled, of other bytes. */
    String broken(String json) {
        int at = json.isEmpty() ? 0 : random.nextInt(json.length());
        return switch (random.nextInt(6)) {
            case 0 -> json.substring(0, at);
            case 1 -> json + json;
            case 2 -> json.substring(0, at) + one(NASTY) + json.substring(at);
            case 3 -> "[".repeat(5_000);
            case 4 -> "{\"a\":".repeat(2_000);
            default -> "";
        };
    }
}
