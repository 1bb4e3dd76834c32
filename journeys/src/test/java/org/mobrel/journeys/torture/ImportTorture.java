package org.mobrel.journeys.torture;

import com.google.gson.JsonObject;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.Map;
import org.mobrel.journeys.RunningMobrel;

/** Four megabytes of the worst there is, handed in as a recipe: answered or refused within two seconds of a processor. */
public final class ImportTorture {

    private static final int SIZE = 3_999_000;
    private static final Duration MOST = Duration.ofSeconds(2);

    private ImportTorture() {}

    public static void main(String[] arguments) {
        int wrong = 0;
        try (RunningMobrel mobrel = RunningMobrel.ownDemoKitchen()) {
            ask(mobrel, "2 cups carrots, sliced");
            for (Map.Entry<String, String> each : worst().entrySet()) {
                Duration before = mobrel.cpu();
                HttpResponse<String> answer = ask(mobrel, each.getValue());
                Duration took = mobrel.cpu().minus(before);
                boolean right = took.compareTo(MOST) <= 0 && answer.statusCode() < 500;
                wrong += right ? 0 : 1;
                System.out.printf(
                        "%-22s %5d ms of a processor, %s%s%n",
                        each.getKey(), took.toMillis(), answer.statusCode(), right ? "" : "  WRONG");
            }
        }
        if (wrong > 0) {
            throw new IllegalStateException(wrong + " imports took too long");
        }
    }

    private static HttpResponse<String> ask(RunningMobrel mobrel, String text) {
        JsonObject body = new JsonObject();
        body.addProperty("text", text);
        return mobrel.post("/api/formats/recipes", body.toString());
    }

    private static String full(String of) {
        return of.repeat(SIZE / of.length());
    }

    private static String document(String name) {
        return "{\"@type\": \"Recipe\", \"name\": \"%s\", \"recipeIngredient\": [\"2 cups carrots\"]}".formatted(name);
    }

    private static Map<String, String> worst() {
        Map<String, String> worst = new LinkedHashMap<>();
        for (String sign : new String[] {
            "<", "[", "{\"a\":", " ", "\n", "1", "1/2 ", "(", "-", "\"", "&amp;", "<!--", "\u0301", "a"
        }) {
            worst.put("only " + sign.strip(), "x" + full(sign) + "x");
            worst.put(
                    "a name of " + sign.strip(),
                    document(full(sign.replace("\"", "'").replace("\n", " "))));
        }
        worst.put("only lines", full("2 cups carrots, sliced\n"));
        worst.put("open tags", full("<div>"));
        worst.put("tags", full("<p>2 cups carrots</p>"));
        worst.put("scripts", full("<script type=\"application/ld+json\">" + document("a") + "</script>"));
        worst.put("few tags, long", "<html><script type=\"application/ld+json\">" + document(full("x ")) + "</script>");
        worst.put(
                "many ingredients",
                document("a").replace("\"2 cups carrots\"", "\"2 cups carrots\"" + full(",\"2 cups carrots\"")));
        worst.put("nested lists", "[".repeat(900) + document("a") + "]".repeat(900));
        worst.put("many recipes", "[" + document("a") + full("," + document("b")) + "]");
        return worst;
    }
}
