package org.mobrel.journeys.torture;

import com.google.gson.JsonArray;
import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
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
                            "{\"recipeId\": 4, \"cannerId\": 2, \"jars\": [{\"size\": \"quart\", \"count\": 4}]}")
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
                            "/api/runs/%d/events".formatted(run),
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

    /** Things that are made new: whole or not at all, and each once. */
    private abstract static class Made implements Hand {
        final Attempts kitchen;
        private final String what;
        private int sent;
        private int acknowledged;
        /** Those that were made and not put away since, by their number. */
        private final Map<Long, String> done = new LinkedHashMap<>();

        private Made(Attempts kitchen, String what) {
            this.kitchen = kitchen;
            this.what = what;
        }

        @Override
        public String name() {
            return what;
        }

        /** @return the number it got, if anybody said that it is made */
        abstract Optional<Long> make(String name);

        /** The names of all that are there, at least of the latest hundreds, the number of each, and whether it is whole. */
        abstract List<There> there();

        abstract boolean isThere(long id, String name);

        /** @return whether it is out of the list now, so that the list stays short enough to be whole */
        boolean putAway(There it) {
            return false;
        }

        record There(long id, String name, boolean whole) {}

        @Override
        public boolean write() {
            String name = "Tortured %s %d".formatted(what, ++sent);
            Optional<Long> made = make(name);
            made.ifPresent(id -> {
                done.put(id, name);
                acknowledged++;
            });
            return made.isPresent();
        }

        @Override
        public int acknowledged() {
            return acknowledged;
        }

        @Override
        public List<String> missing() {
            List<String> wrong = new ArrayList<>();
            Map<String, Integer> found = new HashMap<>();
            List<There> there = there();
            there.forEach(each -> {
                found.merge(each.name(), 1, Integer::sum);
                if (!each.whole()) {
                    wrong.add("half done: " + each);
                }
            });
            found.forEach((name, times) -> {
                if (times > 1) {
                    wrong.add("doubled: " + name);
                }
            });
            Map<Long, String> unseen = new LinkedHashMap<>(done);
            there.forEach(each -> unseen.remove(each.id(), each.name()));
            unseen.forEach((id, name) -> {
                if (!isThere(id, name)) {
                    wrong.add("lost: " + name);
                }
            });
            there.stream().filter(this::putAway).forEach(each -> done.remove(each.id()));
            return wrong;
        }
    }

    private static final class Recipes extends Made {
        private static final int LINES = 12;
        private final Map<Long, Integer> looked = new HashMap<>();

        private Recipes(Attempts kitchen) {
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

    /** Boxes in the freezer: two each, or none. */
    private static final class Boxes extends Made {
        private Boxes(Attempts kitchen) {
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
            for (JsonElement each :
                    kitchen.get("/api/freezer").getAsJsonObject().getAsJsonArray("boxes")) {
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
            return kitchen.post("/api/freezer/%d/taken".formatted(it.id()), "{\"boxes\": 2}")
                    .isPresent();
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
            plan = kitchen.post("/api/plans", "{\"recipeId\": 4}")
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
                    kitchen.put("/api/plans/" + plan, "{\"basedOn\": %d, \"body\": %s}".formatted(revision, changed));
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
                            "the plan has revision %d and %s, not %d and %s".formatted(revision, saved, known, before));
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
            List<String> wrong = right ? List.of() : List.of("%d jars are there, %d were said".formatted(there, jars));
            jars = there;
            doubt = 0;
            return wrong;
        }
    }
}
