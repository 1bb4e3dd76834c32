package org.mobrel.journeys.torture;

import com.google.gson.JsonArray;
import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The kinds of things that are written in a kitchen. */
final class Hands {

    private Hands() {}

    static List<Hand> all(Attempts kitchen) {
        return List.of(
                new Taps(kitchen), new Recipes(kitchen), new Plans(kitchen), new Jars(kitchen), new Boxes(kitchen));
    }

    private static long stock(Attempts kitchen) {
        return idOf("title", "Pork shank stock", kitchen.get("/api/recipes").getAsJsonArray());
    }

    private static long smallCanner(Attempts kitchen) {
        return idOf(
                "name",
                "Small canner",
                kitchen.get("/api/kitchen").getAsJsonObject().getAsJsonArray("canners"));
    }

    private static long idOf(String property, String value, JsonArray all) {
        return all.asList().stream()
                .map(JsonElement::getAsJsonObject)
                .filter(each -> each.get(property).getAsString().equals(value))
                .findFirst()
                .orElseThrow()
                .get("id")
                .getAsLong();
    }

    /** Notes at the stove, each with a key of its own, sent again until somebody says that it is written down. */
    private static final class Taps implements Hand {
        private final Attempts kitchen;
        private final long run;
        private final List<String> written = new ArrayList<>();
        private Optional<String> unsure = Optional.empty();
        private int number;

        private Taps(Attempts kitchen) {
            this.kitchen = kitchen;
            JsonElement made = kitchen.post(
                            "/api/batches",
                            "{\"recipeId\": %s, \"cannerId\": %s, \"jars\": [{\"size\": \"quart\", \"count\": 4}]}"
                                    .formatted(stock(kitchen), smallCanner(kitchen)))
                    .orElseThrow();
            this.run = made.getAsJsonObject().getAsJsonArray("runs").get(0).getAsLong();
        }

        @Override
        public String name() {
            return "taps at the stove";
        }

        @Override
        public boolean write() {
            String note = unsure.orElseGet(() -> "tortured note " + ++number);
            boolean done = kitchen.post(
                            "/api/runs/%s/events".formatted(run),
                            "{\"type\": \"note\", \"note\": \"%s\", \"key\": \"%s\", \"known\": 1}"
                                    .formatted(note, note.replace(' ', '-')))
                    .isPresent();
            if (done) {
                written.add(note);
            }
            unsure = done ? Optional.empty() : Optional.of(note);
            return done;
        }

        @Override
        public int acknowledged() {
            return written.size();
        }

        @Override
        public List<String> missing() {
            Map<String, Integer> there = new HashMap<>();
            int last = 0;
            List<String> wrong = new ArrayList<>();
            for (JsonElement each :
                    kitchen.get("/api/runs/" + run).getAsJsonObject().getAsJsonArray("events")) {
                JsonObject event = each.getAsJsonObject();
                if (event.get("number").getAsInt() != ++last) {
                    wrong.add("event " + last + " has another number");
                }
                if (event.has("note") && event.get("note").getAsString().startsWith("tortured")) {
                    there.merge(event.get("note").getAsString(), 1, Integer::sum);
                }
            }
            written.stream().filter(note -> !there.containsKey(note)).forEach(note -> wrong.add("lost: " + note));
            there.forEach((note, times) -> {
                if (times > 1) {
                    wrong.add("doubled: " + note);
                }
            });
            return wrong;
        }
    }

    /** One plan that is changed again and again: what is there is what was saved last, or what was just being saved. */
    private static final class Plans implements Hand {
        private final Attempts kitchen;
        private final long plan;
        private JsonObject body;
        private int revision;
        private String saved;
        private Optional<String> unsure = Optional.empty();
        private int number;
        private int done;

        private Plans(Attempts kitchen) {
            this.kitchen = kitchen;
            plan = kitchen.post("/api/plans", "{\"recipeId\": %s}".formatted(stock(kitchen)))
                    .orElseThrow()
                    .getAsJsonObject()
                    .get("id")
                    .getAsLong();
            body = new JsonObject();
            saved = "";
            look();
        }

        private void look() {
            JsonObject now = kitchen.get("/api/plans/" + plan).getAsJsonObject();
            body = now.getAsJsonObject("body");
            revision = now.get("revision").getAsInt();
            saved = body.getAsJsonArray("ticked").toString();
        }

        @Override
        public String name() {
            return "changes of a plan";
        }

        @Override
        public boolean write() {
            JsonArray ticked = new JsonArray();
            ticked.add("tortured " + ++number);
            JsonObject changed = body.deepCopy();
            changed.add("ticked", ticked);
            unsure = Optional.of(ticked.toString());
            Optional<JsonElement> answer =
                    kitchen.put("/api/plans/" + plan, "{\"basedOn\": %s, \"body\": %s}".formatted(revision, changed));
            answer.ifPresent(told -> {
                saved = ticked.toString();
                unsure = Optional.empty();
                revision = told.getAsJsonObject().get("revision").getAsInt();
                done++;
            });
            return answer.isPresent();
        }

        @Override
        public int acknowledged() {
            return done;
        }

        @Override
        public List<String> missing() {
            String before = saved;
            int known = revision;
            look();
            boolean same = saved.equals(before) && revision == known;
            boolean next = unsure.filter(saved::equals).isPresent() && revision == known + 1;
            unsure = Optional.empty();
            return same || next
                    ? List.of()
                    : List.of(
                            "the plan has revision %s and %s, not %s and %s".formatted(revision, saved, known, before));
        }
    }

    /** Jars that are put back on the shelf and eaten: as many are there as were said, give or take the one in doubt. */
    private static final class Jars implements Hand {
        private final Attempts kitchen;
        private final String lot;
        private int jars;
        private int doubt;
        private boolean eat = true;
        private int done;

        private Jars(Attempts kitchen) {
            this.kitchen = kitchen;
            lot = kitchen.get("/api/shelf")
                    .getAsJsonObject()
                    .getAsJsonArray("lots")
                    .get(0)
                    .getAsJsonObject()
                    .get("code")
                    .getAsString();
            jars = count();
        }

        private int count() {
            return kitchen.get("/api/shelf/" + lot)
                    .getAsJsonObject()
                    .getAsJsonObject("lot")
                    .get("jars")
                    .getAsInt();
        }

        @Override
        public String name() {
            return "jars of the shelf";
        }

        @Override
        public boolean write() {
            boolean said = kitchen.post(
                            "/api/shelf/%s/movements".formatted(lot),
                            "{\"kind\": \"%s\", \"jars\": 1}".formatted(eat ? "eaten" : "put-back"))
                    .isPresent();
            int step = eat ? -1 : 1;
            jars += said ? step : 0;
            doubt = said ? 0 : step;
            eat = said != eat;
            done += said ? 1 : 0;
            return said;
        }

        @Override
        public int acknowledged() {
            return done;
        }

        @Override
        public List<String> missing() {
            int there = count();
            boolean right = there == jars || there == jars + doubt;
            if (right && there != jars) {
                // The one in doubt was done after all.
                eat = doubt > 0;
            }
            List<String> wrong = right ? List.of() : List.of("%s jars are there, %s were said".formatted(there, jars));
            jars = there;
            doubt = 0;
            return wrong;
        }
    }
}
