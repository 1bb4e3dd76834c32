package org.mobrel.server.photo;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mobrel.server.MobrelServer;
import org.mobrel.server.TestServer;
import org.mobrel.server.run.TestKitchen;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;

/** A photo is kept small and without its secrets, stands by its load, jar and lot, and goes into a backup and comes out of it. */
@ExtendWith(TestServer.class)
class PhotoApiTest {

    private static final String SECRET = "GPS 51.5007 N 0.1246 W, camera 4711";

    private TestServer server;
    private TestKitchen kitchen;
    private long run;

    @BeforeEach
    void aRun(TestServer fresh) {
        server = fresh;
        kitchen = TestKitchen.in(server, 0.5);
        run = kitchen.run(3, 0);
    }

    /** A JPEG as a phone makes it, with a part that says where. */
    private static byte[] jpeg(int width, int height, int colour) throws IOException {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = image.createGraphics();
        pen.setColor(new Color(colour));
        pen.fillRect(width / 4, height / 4, width / 2, height / 2);
        pen.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "jpeg", out);
        byte[] plain = out.toByteArray();
        byte[] said = ("Exif\0\0" + SECRET).getBytes(StandardCharsets.US_ASCII);
        ByteArrayOutputStream with = new ByteArrayOutputStream();
        with.write(plain, 0, 2);
        with.write(new byte[] {(byte) 0xff, (byte) 0xe1, 0, (byte) (said.length + 2)});
        with.write(said);
        with.write(plain, 2, plain.length - 2);
        return with.toByteArray();
    }

    private TestServer.Answer take(String of, byte[] picture) {
        return server.postBytes("/api/photos?" + of, picture);
    }

    private static String text(byte[] bytes) {
        return new String(bytes, StandardCharsets.ISO_8859_1);
    }

    @Test
    void it_is_made_small_and_says_no_more_where_it_was_taken() throws IOException {
        byte[] sent = jpeg(4_000, 3_000, 0xa04020);
        assertThat(text(sent)).contains(SECRET);
        TestServer.Answer answer = take("moment=loading&by=Ada&jar=2&run=" + run, sent);
        assertThat(answer.status()).isEqualTo(201);
        JsonNode photo = answer.body();
        assertThat(photo.get("width").asInt()).isEqualTo(1_280);
        assertThat(photo.get("height").asInt()).isEqualTo(960);
        assertThat(photo.get("by").asString()).isEqualTo("Ada");
        byte[] kept = server.bytes("/api/photos/" + photo.get("id").asLong());
        assertThat(kept).hasSize(photo.get("bytes").asInt());
        assertThat(text(kept)).doesNotContain("Exif", "GPS");
        BufferedImage seen = ImageIO.read(new ByteArrayInputStream(kept));
        assertThat(new Color(seen.getRGB(640, 480)).getRed()).isBetween(150, 170);
        assertThat(server.get("/api/photos?run=" + run).body()).hasSize(1);
    }

    @Test
    void it_stands_by_its_lot_and_its_batch_until_it_is_removed() throws IOException {
        take("moment=loading&run=" + run, jpeg(300, 200, 0x204060));
        kitchen.rested(run);
        long batch = kitchen.sealed(run).get("batchId").asLong();
        String lot = server.get("/api/batches/" + batch)
                .body()
                .get("lots")
                .get(0)
                .get("code")
                .asString();
        long opened = take("moment=opening&lot=" + lot, jpeg(200, 300, 0x406020))
                .body()
                .get("id")
                .asLong();
        JsonNode ofLot = server.get("/api/photos?lot=" + lot).body();
        assertThat(ofLot.valueStream().map(each -> each.get("moment").asString()))
                .containsExactly("loading", "opening");
        assertThat(server.get("/api/photos?batch=" + batch).body()).hasSize(2);
        assertThat(server.delete("/api/photos/" + opened).status()).isEqualTo(204);
        assertThat(server.get("/api/photos/" + opened).status()).isEqualTo(404);
        assertThat(server.get("/api/photos?lot=" + lot).body()).hasSize(1);
    }

    @ParameterizedTest
    @CsvSource({
        "moment=loading&run=%s&jar=4, 400, jar",
        "moment=supper&run=%s, 400, moment",
        "moment=loading, 400, run",
        "moment=loading&run=999999, 404, ''",
        "moment=opening&lot=26-0101-ZZ, 404, ''",
        "moment=opening&lot=none, 404, ''"
    })
    void what_it_cannot_be_of_is_refused_with_a_reason(String of, int status, String field) throws IOException {
        TestServer.Answer refused = take(of.formatted(run), jpeg(20, 20, 0));
        assertThat(refused.status()).isEqualTo(status);
        if (!field.isEmpty()) {
            assertThat(refused.body().get("field").asString()).isEqualTo(field);
        }
    }

    @Test
    void what_is_no_picture_is_refused_and_nothing_is_kept() throws IOException {
        byte[] whole = jpeg(60, 60, 0);
        for (byte[] none :
                new byte[][] {{}, "no picture".getBytes(StandardCharsets.UTF_8), Arrays.copyOf(whole, 300)}) {
            TestServer.Answer refused = take("moment=loading&run=" + run, none);
            assertThat(refused.status()).isEqualTo(400);
            assertThat(refused.body().get("field").asString()).isEqualTo("photo");
        }
        assertThat(take("moment=loading&run=" + run, new byte[Picture.MOST_BYTES + 1])
                        .status())
                .isEqualTo(413);
        assertThat(server.get("/api/photos?run=" + run).body()).isEmpty();
    }

    @Test
    void a_backup_with_its_pictures_comes_out_of_another_kitchen_byte_for_byte() throws IOException {
        long photo = take("moment=seal-check&jar=1&run=" + run, jpeg(900, 700, 0x806040))
                .body()
                .get("id")
                .asLong();
        byte[] zip = server.bytes("/api/backup/with-photos");
        try (ConfigurableApplicationContext other = SpringApplication.run(
                MobrelServer.class,
                "--server.port=0",
                "--spring.datasource.url=" + server.newDatabase("photos_elsewhere"))) {
            TestServer there = server.at(other);
            byte[] altered = zip.clone();
            altered[text(zip).indexOf("JFIF") + 200]++;
            for (byte[] broken : new byte[][] {altered, Arrays.copyOf(zip, zip.length - 40)}) {
                assertThat(there.postBytes("/api/backup?way=replace&dryRun=false", broken)
                                .status())
                        .isEqualTo(400);
            }
            assertThat(there.postBytes("/api/backup?way=replace", zip)
                            .body()
                            .get("coming")
                            .get("photos")
                            .asInt())
                    .isPositive();
            assertThat(there.get("/api/photos/" + photo).status())
                    .as("only tried")
                    .isEqualTo(404);
            assertThat(there.postBytes("/api/backup?way=replace&dryRun=false", zip)
                            .status())
                    .isEqualTo(200);
            assertThat(there.bytes("/api/photos/" + photo)).isEqualTo(server.bytes("/api/photos/" + photo));
            assertThat(there.bytes("/api/backup/with-photos")).isEqualTo(zip);
            // The file of the kitchen alone: what is here of its pictures stays.
            assertThat(there.postBytes("/api/backup?way=replace&dryRun=false", kitchenOf(zip))
                            .status())
                    .isEqualTo(200);
            assertThat(there.bytes("/api/backup/with-photos")).isEqualTo(zip);
        }
    }

    private static byte[] kitchenOf(byte[] zip) throws IOException {
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
            ZipEntry first = in.getNextEntry();
            assertThat(first.getName()).isEqualTo("kitchen.json");
            return in.readAllBytes();
        }
    }
}
