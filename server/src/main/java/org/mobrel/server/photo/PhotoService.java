package org.mobrel.server.photo;

import java.time.InstantSource;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import org.mobrel.server.platform.Conflict;
import org.mobrel.server.platform.InvalidField;
import org.mobrel.server.platform.NotFound;
import org.mobrel.server.platform.SqlTime;
import org.mobrel.server.run.Run;
import org.mobrel.server.run.RunService;
import org.mobrel.server.shelf.ShelfLot;
import org.mobrel.server.shelf.ShelfService;
import org.mobrel.shelf.LotCode;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

@Service
class PhotoService {

    /** Nobody looks at more of one load. */
    static final int MOST_OF_A_RUN = 60;

    private final PhotoRepository photos;
    private final PhotoFileRepository files;
    private final RunService runs;
    private final ShelfService shelf;
    private final InstantSource clock;

    PhotoService(
            PhotoRepository photos,
            PhotoFileRepository files,
            RunService runs,
            ShelfService shelf,
            InstantSource clock) {
        this.photos = photos;
        this.files = files;
        this.runs = runs;
        this.shelf = shelf;
        this.clock = clock;
    }

    /** What a photograph is of: a run, one of its jars, or a lot; a lot knows its run. */
    record Subject(Optional<Long> run, OptionalInt jar, Optional<String> lot) {}

    /**
     * Keeps a photograph.
     *
     * @throws InvalidField for a picture that is none, a jar that is not in the load, or a subject that is none
     * @throws NotFound for a run or a lot that is not there
     * @throws Conflict if there are {@value #MOST_OF_A_RUN} of this load already
     */
    @Transactional
    Photo take(Subject subject, Photo.Moment moment, String by, byte[] sent) {
        long run = runOf(subject);
        Run load = runs.run(run);
        if (subject.jar().isPresent()
                && (subject.jar().getAsInt() < 1
                        || subject.jar().getAsInt() > load.plan().jars())) {
            throw new InvalidField(
                    "jar", "a jar of this load, 1 to " + load.plan().jars());
        }
        Picture picture = Picture.of(sent);
        if (photos.count(run) >= MOST_OF_A_RUN) {
            throw new Conflict(
                    "too-many-photos",
                    "There are %s photos of this load already. Remove one first.".formatted(MOST_OF_A_RUN),
                    Map.of());
        }
        files.keep(picture.sha256(), picture.jpeg());
        Photo photo = new Photo(
                0,
                run,
                subject.jar(),
                subject.lot(),
                moment,
                SqlTime.millis(clock.instant()),
                by,
                picture.width(),
                picture.height(),
                picture.jpeg().length,
                picture.sha256());
        long id = photos.insert(photo);
        return photos.find(id).orElseThrow();
    }

    private long runOf(Subject subject) {
        if (subject.lot().isPresent()) {
            return lot(subject.lot().get()).runId();
        }
        return subject.run().orElseThrow(() -> new InvalidField("run", "a run or a lot"));
    }

    private ShelfLot lot(String code) {
        try {
            return shelf.lot(new LotCode(code)).orElseThrow(() -> new NotFound("lot", code));
        } catch (IllegalArgumentException none) {
            throw new NotFound("lot", code);
        }
    }

    List<Photo> ofRun(long run) {
        return photos.ofRuns(List.of(runs.run(run).id()));
    }

    List<Photo> ofBatch(long batch) {
        return photos.ofRuns(runs.ofBatch(batch).stream().map(Run::id).toList());
    }

    List<Photo> ofLot(String code) {
        ShelfLot lot = lot(code);
        return photos.ofLot(code, lot.runId());
    }

    /** @throws NotFound if there is no such photograph, or its picture did not come along in a backup */
    byte[] picture(long id) {
        Photo photo = photos.find(id).orElseThrow(() -> new NotFound("photo", id));
        return files.find(photo.sha256()).orElseThrow(() -> new NotFound("picture of photo", id));
    }

    @Transactional
    void remove(long id) {
        if (!photos.delete(id)) {
            throw new NotFound("photo", id);
        }
        files.forgetUnused();
    }
}
