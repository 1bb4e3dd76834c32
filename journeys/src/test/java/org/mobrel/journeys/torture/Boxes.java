package org.mobrel.journeys.torture;

import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Boxes in the freezer: two each, or none. */
final class Boxes extends Made {
    Boxes(Attempts kitchen) {
        super(kitchen, "freezer box");
    }

    @Override
    Optional<Long> make(String name) {
        return kitchen.post("/api/freezer", "{\"title\": \"%s\", \"boxes\": 2, \"volumeMl\": 500}".formatted(name))
                .map(all -> all.getAsJsonObject().getAsJsonArray("boxes").asList().stream()
                        .map(JsonElement::getAsJsonObject)
                        .filter(box -> box.get("title").getAsString().equals(name))
                        .mapToLong(box -> box.get("id").getAsLong())
                        .findFirst()
                        .orElse(-1));
    }

    @Override
    List<There> there() {
        List<There> found = new ArrayList<>();
        for (JsonElement each : kitchen.get("/api/freezer").getAsJsonObject().getAsJsonArray("boxes")) {
            JsonObject box = each.getAsJsonObject();
            String title = box.get("title").getAsString();
            if (title.startsWith("Tortured")) {
                found.add(new There(
                        box.get("id").getAsLong(), title, box.get("left").getAsInt() == 2));
            }
        }
        return found;
    }

    @Override
    boolean isThere(long id, String name) {
        return false;
    }

    @Override
    boolean putAway(There it) {
        return kitchen.post("/api/freezer/%s/taken".formatted(it.id()), "{\"boxes\": 2}")
                .isPresent();
    }
}
