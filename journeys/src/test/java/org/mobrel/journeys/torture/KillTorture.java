package org.mobrel.journeys.torture;

import java.io.UncheckedIOException;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.function.Supplier;
import org.mobrel.journeys.RunningMobrel;

/**
 * Server and database killed in the middle of writes of every kind, of backups and of restores. What was acknowledged is there, once and
 * whole; a backup is whole or none; a restore is done or was never begun.
 */
public final class KillTorture {

    private static final int SHOWN = 5;
    private static final int BURST_MS = 1_500;
    private static final int BACKUP_MS = 500;
    private static final int RESTORE_MS = 900;

    private final Random random = new Random(20_26);
    private final RunningMobrel mobrel;
    private final List<String> wrong = new ArrayList<>();

    private KillTorture(RunningMobrel mobrel) {
        this.mobrel = mobrel;
    }

    /** @param arguments how many kills of writes, or for how long (60; 30min), and how many of backups and restores each (20) */
    public static void main(String[] arguments) throws InterruptedException {
        HowLong kills = HowLong.of(arguments, 0, "60");
        int files = arguments.length > 1 ? Integer.parseInt(arguments[1]) : 20;
        try (RunningMobrel mobrel = RunningMobrel.ownDemoKitchen()) {
            KillTorture torture = new KillTorture(mobrel);
            torture.writes(kills);
            torture.backups(files);
            torture.restores(files, "replace");
            torture.restores(files, "merge");
            torture.wrong.forEach(each -> System.out.println("WRONG " + each));
            System.out.printf("%s things were lost, doubled or half done%n", torture.wrong.size());
            if (!torture.wrong.isEmpty()) {
                throw new IllegalStateException("the torture found something");
            }
        }
    }

    private enum Victim {
        SERVER,
        DATABASE,
        BOTH
    }

    private Victim kill(int number) throws InterruptedException {
        Victim victim = Victim.values()[number % 3];
        if (victim != Victim.SERVER) {
            mobrel.killDatabase();
        }
        if (victim != Victim.DATABASE) {
            mobrel.killServer();
        }
        return victim;
    }

    private void revive(Victim victim) throws InterruptedException {
        if (victim != Victim.SERVER) {
            mobrel.startDatabaseAgain();
        }
        if (victim != Victim.DATABASE) {
            mobrel.startServerAgain();
        }
        while (status("/actuator/health") != 200 || status("/api/kitchen") != 200) {
            Thread.sleep(50);
        }
    }

    private int status(String path) {
        try {
            return mobrel.get(path).statusCode();
        } catch (UncheckedIOException gone) {
            return 0;
        }
    }

    private void writes(HowLong kills) throws InterruptedException {
        List<Hand> hands = Hands.all(new Attempts(mobrel));
        for (int kill = 1; kills.goesOnAfter(kill - 1); kill++) {
            List<CompletableFuture<Void>> writing = hands.stream()
                    .map(hand -> CompletableFuture.runAsync(() -> writeUntilNobodyAnswers(hand)))
                    .toList();
            Thread.sleep(random.nextInt(BURST_MS));
            Victim victim = kill(kill);
            writing.forEach(CompletableFuture::join);
            revive(victim);
            for (Hand hand : hands) {
                List<String> missing = hand.missing();
                missing.stream().limit(SHOWN).forEach(each -> System.out.println(hand.name() + ": " + each));
                if (!missing.isEmpty()) {
                    wrong.add("after kill %s, %s: %s wrong".formatted(kill, hand.name(), missing.size()));
                }
            }
            if (kill % 10 == 0 || !kills.goesOnAfter(kill)) {
                System.out.printf("%4d kills of writes, %s wrong%n", kill, wrong.size());
            }
        }
        hands.forEach(hand -> System.out.printf("%6d %s acknowledged%n", hand.acknowledged(), hand.name()));
    }

    private static void writeUntilNobodyAnswers(Hand hand) {
        while (hand.write()) {
            Thread.onSpinWait();
        }
    }

    /** A request in whose middle something is killed; empty where it got no answer. */
    private Optional<HttpResponse<String>> killedIn(Supplier<HttpResponse<String>> request, int number, int within)
            throws InterruptedException {
        CompletableFuture<HttpResponse<String>> asked = CompletableFuture.supplyAsync(request);
        Thread.sleep(random.nextInt(within));
        Victim victim = kill(number);
        Optional<HttpResponse<String>> answer;
        try {
            answer = Optional.of(asked.join());
        } catch (CompletionException gone) {
            answer = Optional.empty();
        }
        revive(victim);
        return answer;
    }

    private void backups(int kills) throws InterruptedException {
        int whole = 0;
        for (int kill = 1; kill <= kills; kill++) {
            Optional<HttpResponse<String>> answer = killedIn(() -> mobrel.get("/api/backup"), kill, BACKUP_MS);
            boolean looksWhole = answer.filter(got -> got.statusCode() == 200).isPresent();
            if (looksWhole && !WholeKitchen.is(answer.orElseThrow().body())) {
                wrong.add("backup " + kill + " is 200 and not whole");
            }
            whole += looksWhole ? 1 : 0;
        }
        System.out.printf(
                "%4d kills of backups: %s whole, %s none, never one that only looks whole%n",
                kills, whole, kills - whole);
    }

    private void restores(int kills, String way) throws InterruptedException {
        int done = 0;
        int acknowledged = 0;
        String here = mobrel.get("/api/backup").body();
        for (int kill = 1; kill <= kills; kill++) {
            comeBack(here);
            // Another kitchen each time: this one with one recipe more.
            mobrel.post(
                    "/api/recipes", "{\"title\": \"%s %s\", \"lines\": [\"4 qt pork stock\"]}".formatted(way, kill));
            String other = mobrel.get("/api/backup").body();
            comeBack(here);
            Optional<HttpResponse<String>> answer = killedIn(() -> mobrel.restore(other, way), kill, RESTORE_MS);
            String now = mobrel.get("/api/backup").body();
            boolean before = now.equals(here);
            boolean after = way.equals("replace") ? now.equals(other) : recipes(now) == recipes(here) + 1;
            boolean said = answer.filter(got -> got.statusCode() == 200).isPresent();
            if (!WholeKitchen.is(now) || !(before || after) || said && !after) {
                wrong.add("%s %s: the kitchen is neither as before nor as after".formatted(way, kill));
            }
            done += after ? 1 : 0;
            acknowledged += said ? 1 : 0;
        }
        System.out.printf(
                "%4d kills of restores (%s): %s done, of which %s acknowledged, %s never begun%n",
                kills, way, done, acknowledged, kills - done);
    }

    private void comeBack(String kitchen) {
        if (mobrel.restore(kitchen).statusCode() != 200) {
            throw new IllegalStateException("the kitchen did not come back");
        }
    }

    private static int recipes(String backup) {
        int from = backup.indexOf("\"recipes\":[");
        return (int)
                backup.substring(from, backup.indexOf("],\n", from)).lines().count();
    }
}
