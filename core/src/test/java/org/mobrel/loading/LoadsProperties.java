package org.mobrel.loading;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.mobrel.canner.Capacity;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarSize;
import org.mobrel.jars.Mouth;

/** What holds for every canner and every heap of jars. */
class LoadsProperties {

    @Provide
    Arbitrary<Capacity> canners() {
        return Combinators.combine(
                        Arbitraries.integers().between(4, 12),
                        Arbitraries.integers().between(4, 16),
                        Arbitraries.integers().between(1, 2))
                .as(Capacity::new);
    }

    @Provide
    Arbitrary<List<JarCount>> heaps() {
        return Combinators.combine(
                        Arbitraries.of(JarSize.HALF_PINT, JarSize.PINT, JarSize.PINT_AND_A_HALF, JarSize.QUART),
                        Arbitraries.of(Mouth.values()),
                        Arbitraries.integers().between(1, 40))
                .as(JarCount::new)
                .list()
                .ofMinSize(1)
                .ofMaxSize(4)
                .uniqueElements(jars -> jars.size() + "/" + jars.mouth());
    }

    @Property
    void every_jar_is_in_exactly_one_load_and_no_load_is_overfull(
            @ForAll("canners") Capacity canner, @ForAll("heaps") List<JarCount> heap) {
        List<List<JarCount>> loads = Loads.inOrder(canner, heap);
        assertThat(loads).allSatisfy(load -> {
            assertThat(load).isNotEmpty();
            assertThat(Loads.fits(canner, load)).isTrue();
        });
        assertThat(counted(loads.stream().flatMap(List::stream).toList())).isEqualTo(counted(heap));
    }

    @Property
    void no_jar_waits_that_would_have_fitted_the_load_before(
            @ForAll("canners") Capacity canner, @ForAll("heaps") List<JarCount> heap) {
        List<List<JarCount>> loads = Loads.inOrder(canner, heap);
        for (int index = 1; index < loads.size(); index++) {
            for (JarCount waiting : loads.get(index)) {
                List<JarCount> tried = new java.util.ArrayList<>(loads.get(index - 1));
                tried.add(new JarCount(waiting.size(), waiting.mouth(), 1));
                assertThat(Loads.fits(canner, tried))
                        .as("%s into %s", waiting, loads.get(index - 1))
                        .isFalse();
            }
        }
    }

    private static Map<String, Integer> counted(List<JarCount> jars) {
        Map<String, Integer> counts = new TreeMap<>();
        jars.forEach(group -> counts.merge(group.size() + "/" + group.mouth(), group.count(), Integer::sum));
        return counts;
    }
}
