package org.mobrel.journeys.torture;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Things that are made new: whole or not at all, and each once. */
abstract class Made implements Hand {
    final Attempts kitchen;
    private final String what;
    private int sent;
    private int acknowledged;
    /** Those that were made and not put away since, by their number. */
    private final Map<Long, String> done = new LinkedHashMap<>();

    Made(Attempts kitchen, String what) {
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
        String name = "Tortured %s %s".formatted(what, ++sent);
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
