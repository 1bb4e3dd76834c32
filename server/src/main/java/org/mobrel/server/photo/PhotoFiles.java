package org.mobrel.server.photo;

import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import org.springframework.stereotype.Service;

/** The pictures themselves, each kept once under the SHA-256 of its bytes: for those who save them and bring them back. */
@Service
public class PhotoFiles {

    private final PhotoFileRepository files;

    PhotoFiles(PhotoFileRepository files) {
        this.files = files;
    }

    /** How many photos there are, and how many bytes. */
    public record Sum(int photos, long bytes) {}

    /** Keeps a picture; one that is kept already stays as it is. */
    public void keep(String sha256, byte[] jpeg) {
        files.keep(sha256, jpeg);
    }

    public Optional<byte[]> find(String sha256) {
        return files.find(sha256);
    }

    /** What the pictures are called that photos need, in order. */
    public List<String> needed() {
        return files.needed();
    }

    /** Hands every picture over that a photo needs, in the order of their names, one at a time. */
    public void each(BiConsumer<String, byte[]> take) {
        for (String name : files.needed()) {
            files.find(name).ifPresent(bytes -> take.accept(name, bytes));
        }
    }

    /** Lets go of pictures that no photo needs. */
    public void forgetUnused() {
        files.forgetUnused();
    }

    public Sum sum() {
        return files.sum();
    }
}
