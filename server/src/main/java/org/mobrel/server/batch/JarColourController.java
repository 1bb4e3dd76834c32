package org.mobrel.server.batch;

import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** What jars look like, so that they are drawn as they stand on the shelf. */
@RestController
class JarColourController {

    /** More jars than that nobody has on a shelf. */
    private static final int MOST = 1_000;

    /** @param solids such as '#b4622d', as is the broth */
    record JarColourResponse(long batchId, String title, String solids, String broth) {}

    private final BatchRepository repository;
    private final JarColours colours;

    JarColourController(BatchRepository repository, JarColours colours) {
        this.repository = repository;
        this.colours = colours;
    }

    /** The latest batches first. */
    @GetMapping("/api/batches/colours")
    List<JarColourResponse> jarColours() {
        return repository.latest(MOST).stream()
                .flatMap(batch -> colours.of(batch).stream()
                        .map(jar -> new JarColourResponse(
                                batch,
                                jar.title(),
                                jar.colour().solids().written(),
                                jar.colour().broth().written())))
                .toList();
    }
}
