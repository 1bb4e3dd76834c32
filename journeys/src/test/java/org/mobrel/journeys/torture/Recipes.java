package org.mobrel.journeys.torture;

import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Recipes with a dozen lines each. */
final class Recipes extends Made {
    private static final int LINES = 12;
    private final Map<Long, Integer> looked = new HashMap<>();

    Recipes(Attempts kitchen) {
        super(kitchen, "recipe");
    }

    @Override
    Optional<Long> make(String name) {
        String line = "\"2 cups carrots, sliced\"";
        return kitchen.post(
                        "/api/recipes",
                        "{\"title\": \"%s\", \"lines\": [%s], \"method\": [\"Simmer 5 minutes\"], \"tags\": [\"torture\"]}"
                                .formatted(name, String.join(", ", Collections.nCopies(LINES, line))))
                .map(made -> made.getAsJsonObject().get("id").getAsLong());
    }

    @Override
    List<There> there() {
        List<There> found = new ArrayList<>();
        for (JsonElement each : kitchen.get("/api/recipes").getAsJsonArray()) {
            JsonObject recipe = each.getAsJsonObject();
            String title = recipe.get("title").getAsString();
            if (title.startsWith("Tortured recipe")) {
                long id = recipe.get("id").getAsLong();
                // A recipe never changes: one look at each is enough.
                int lines = looked.computeIfAbsent(
                        id, key -> one(key).getAsJsonArray("lines").size());
                found.add(new There(id, title, lines == LINES));
            }
        }
        return found;
    }

    private JsonObject one(long id) {
        return kitchen.get("/api/recipes/" + id).getAsJsonObject();
    }

    /** A list shows a thousand at most. */
    @Override
    boolean isThere(long id, String name) {
        return one(id).get("title").getAsString().equals(name);
    }
}
