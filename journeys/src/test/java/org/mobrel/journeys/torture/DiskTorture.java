package org.mobrel.journeys.torture;

import java.io.IOException;
import java.io.OutputStream;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.mobrel.journeys.RunningMobrel;

/**
 * A kitchen on a disk of its own that is filled while it is written to: every refusal names the full disk, and what was acknowledged before
 * is there when there is room again. Needs to be allowed to mount a disk in memory; says so where it is not.
 */
public final class DiskTorture {

    private static final int DISK_MB = 260;
    private static final int MOST_WRITES = 3_000;

    private final RunningMobrel mobrel;
    private final Hand hand;

    private DiskTorture(RunningMobrel mobrel) {
        this.mobrel = mobrel;
        this.hand = Hands.all(new Attempts(mobrel)).get(1);
    }

    public static void main(String[] arguments) throws IOException, InterruptedException {
        Path disk = Files.createTempDirectory("mobrel-disk");
        if (run("mount", "-t", "tmpfs", "-o", "size=%dm".formatted(DISK_MB), "tmpfs", disk.toString()) != 0) {
            System.out.println("no disk may be mounted here: a full one was not tried");
            return;
        }
        try (RunningMobrel mobrel = RunningMobrel.demoKitchenAt(Files.createDirectory(disk.resolve("kitchen")))) {
            new DiskTorture(mobrel).fill(disk);
        } finally {
            run("umount", "-l", disk.toString());
        }
    }

    private static int run(String... command) throws IOException, InterruptedException {
        return new ProcessBuilder(List.of(command)).inheritIO().start().waitFor();
    }

    private void fill(Path disk) throws IOException, InterruptedException {
        say("at first");
        Path ballast = disk.resolve("ballast");
        try (OutputStream out = Files.newOutputStream(ballast)) {
            byte[] megabyte = new byte[1 << 20];
            while (true) {
                out.write(megabyte);
            }
        } catch (IOException full) {
            System.out.println("the disk was filled: " + full.getMessage());
        }
        int written = 0;
        HttpResponse<String> refused = one();
        while (refused.statusCode() == 201 && ++written < MOST_WRITES) {
            refused = one();
        }
        System.out.printf("%s more were taken, then: %s %s%n", written, refused.statusCode(), refused.body());
        Thread.sleep(5_000);
        say("while it is full");
        Files.delete(ballast);
        Thread.sleep(5_000);
        say("with room again");
        boolean again = hand.write();
        List<String> missing = hand.missing();
        System.out.printf("written again: %s; lost, doubled or half done: %s%n", again, missing);
        boolean named = refused.statusCode() == 507 && refused.body().contains("The disk is full");
        if (!named || !again || !missing.isEmpty()) {
            throw new IllegalStateException("a full disk was not borne");
        }
    }

    private HttpResponse<String> one() {
        return mobrel.post("/api/recipes", "{\"title\": \"One more\", \"lines\": [\"4 qt pork stock\"]}");
    }

    private void say(String when) {
        System.out.printf("%s: %s%n", when, mobrel.get("/api/health").body());
    }
}
