package org.mobrel.server.photo;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.mobrel.server.platform.InvalidField;
import org.mobrel.server.platform.Visitor;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/photos")
class PhotoController {

    /**
     * @param moment loading, seal-check, opening or other
     * @param by who took it; null where nobody gave a name
     * @param bytes how large its picture is
     */
    record PhotoResponse(
            long id,
            long runId,
            @Nullable Integer jar,
            @Nullable String lot,
            String moment,
            Instant takenAt,
            @Nullable String by,
            int width,
            int height,
            int bytes) {}

    private final PhotoService service;

    PhotoController(PhotoService service) {
        this.service = service;
    }

    @GetMapping
    List<PhotoResponse> photos(
            @RequestParam Optional<Long> run, @RequestParam Optional<Long> batch, @RequestParam Optional<String> lot) {
        if (Stream.of(run, batch, lot).filter(Optional::isPresent).count() != 1) {
            throw new InvalidField("run", "a run, a batch or a lot, one of them");
        }
        List<Photo> all = run.map(service::ofRun)
                .or(() -> batch.map(service::ofBatch))
                .orElseGet(() -> service.ofLot(lot.orElseThrow()));
        return all.stream().map(PhotoController::response).toList();
    }

    /**
     * Keeps a photo; its bytes, JPEG or PNG, are the body. It is made smaller and painted anew: place and device do not come along.
     *
     * @param jar the number of a jar of the load
     * @param lot in place of a run, once there is one
     * @param by who took it
     */
    @PostMapping(consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    PhotoResponse take(
            @RequestParam String moment,
            @RequestParam Optional<Long> run,
            @RequestParam Optional<Integer> jar,
            @RequestParam Optional<String> lot,
            @RequestParam(defaultValue = "") @Size(max = 60, message = "60 characters at most") String by,
            HttpServletRequest request)
            throws IOException {
        Photo.Moment when = Photo.Moment.ofCode(moment)
                .orElseThrow(() -> new InvalidField("moment", "loading, seal-check, opening or other"));
        OptionalInt which = jar.map(OptionalInt::of).orElse(OptionalInt.empty());
        byte[] sent = request.getInputStream().readNBytes(Picture.MOST_BYTES + 1);
        return response(
                service.take(new PhotoService.Subject(run, which, lot), when, Visitor.nameOr(by.strip()), sent));
    }

    @GetMapping(path = "/{id}", produces = MediaType.IMAGE_JPEG_VALUE)
    byte[] picture(@PathVariable long id) {
        return service.picture(id);
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable long id) {
        service.remove(id);
    }

    private static PhotoResponse response(Photo photo) {
        return new PhotoResponse(
                photo.id(),
                photo.run(),
                photo.jar().isPresent() ? photo.jar().getAsInt() : null,
                photo.lot().orElse(null),
                photo.moment().code(),
                photo.takenAt(),
                photo.by().isEmpty() ? null : photo.by(),
                photo.width(),
                photo.height(),
                photo.bytes());
    }
}
