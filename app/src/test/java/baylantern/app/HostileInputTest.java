package baylantern.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URLEncoder;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * Walks the API document and puts into each field, one after the other, what no grower means: nothing, another type, far
 * too much, days that do not exist, halves of letters. Every one is taken or refused with a problem that names no insides.
 */
class HostileInputTest extends ApiTest {

    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final JsonNodeFactory NEW = JsonNodeFactory.instance;
    private static final Pattern INSIDE =
            Pattern.compile("baylantern\\.|java\\.|org\\.|tools\\.jackson|SELECT |INSERT |Exception|Caused by");

    /** How many of all are tried here; all of them with -Dlantern.hostile=1. */
    private static final double SHARE = Double.parseDouble(System.getProperty("lantern.hostile", "0.12"));

    private static final List<Object> STRANGE = List.of(
            "",
            " ",
            "x".repeat(5000),
            "\uD800",
            "a\u0000b",
            "2026-02-30",
            "-999999999-01-01",
            "9999-12-31",
            "NaN",
            -1,
            0,
            1e308,
            9_223_372_036_854_775_807L,
            true,
            List.of(),
            Map.of());

    private final List<String> wrong = new ArrayList<>();
    private final SplittableRandom random = new SplittableRandom(77);
    private JsonNode document = NEW.objectNode();
    private int asked;

    @Test
    void everythingStrangeIsTakenOrRefusedPlainly() {
        http.smallFarm();
        http.netBag();
        LocalDate today = http.today();
        long mother = http.mother("MB-1", null);
        http.collected(Http.lot(mother, today, 5));
        http.cleft(3, 1);
        http.post("/api/flush/notes", Map.of("plantIds", List.of(1), "sun", "M"));
        document = http.get("/api/openapi.json").json();
        document.get("paths")
                .properties()
                .forEach(path -> path.getValue().properties().forEach(way -> {
                    if (!path.getKey().equals("/api/demo-clock")) {
                        walk(path.getKey(), way.getKey().toUpperCase(java.util.Locale.ROOT), way.getValue());
                    }
                }));
        System.out.println("hostile: " + asked + " requests, " + wrong.size() + " wrong");
        assertThat(asked).isGreaterThan(500);
        assertThat(wrong).isEmpty();
        whateverWasTakenGoesOutAndComesIn();
    }

    // What a screen takes and what a farm brought in may hold is one and the same.
    private void whateverWasTakenGoesOutAndComesIn() {
        byte[] zip = http.get("/api/exchange/farm.zip").bytes();
        emptyFarm();
        Http.Answer brought = http.file("/api/exchange/farm.zip", zip);
        assertThat(brought.status()).as(brought.text()).isEqualTo(200);
    }

    @Test
    void aDayThatNoFarmHasIsRefusedWhereItStands() {
        http.smallFarm();
        for (String day : List.of(
                "0001-01-01",
                "9999-12-31",
                "-999999999-01-01",
                "" + http.today().plusYears(6))) {
            Http.Answer note = http.post("/api/flush/notes", Map.of("plantIds", List.of(1), "sun", "M", "day", day));
            assertThat(note.status()).as(day).isEqualTo(422);
            assertThat(note.json().get("fields").get(0).get("field").asString()).isEqualTo("day");
            Http.Answer weather = http.post("/api/weather/day", Map.of("day", day, "min", "8", "max", "20"));
            assertThat(weather.status()).as(day).isEqualTo(422);
        }
        assertThat(http.get("/api/weather").status()).isEqualTo(200);
    }

    private void walk(String path, String way, JsonNode operation) {
        JsonNode schema = operation
                .path("requestBody")
                .path("content")
                .path("application/json")
                .path("schema");
        JsonNode sample = schema.isMissingNode() ? null : sample(schema, 0);
        String plain = filled(path, "1");
        if (sample instanceof ObjectNode whole) {
            spoil(whole, whole, body -> ask(way, plain, body));
            ask(way, plain, NEW.objectNode());
            ask(way, plain, NEW.nullNode());
            ask(way, plain, NEW.arrayNode());
        }
        for (Object strange : STRANGE) {
            if (path.contains("{")) {
                ask(way, filled(path, strange.toString()), sample);
            }
            for (JsonNode parameter : operation.path("parameters")) {
                if (parameter.path("in").asString().equals("query")) {
                    ask(
                            way,
                            plain + "?" + parameter.get("name").asString() + "=" + encoded(strange.toString()),
                            sample);
                }
            }
        }
    }

    private interface Asking {
        void ask(JsonNode body);
    }

    // Each field of each object, with nothing, without it, and with everything strange; the rest stays as it was.
    private void spoil(ObjectNode whole, ObjectNode at, Asking asking) {
        for (String field : List.copyOf(at.propertyNames())) {
            JsonNode was = at.get(field);
            at.remove(field);
            asking.ask(whole);
            at.set(field, NEW.nullNode());
            asking.ask(whole);
            for (Object strange : STRANGE) {
                at.set(field, JSON.valueToTree(strange));
                asking.ask(whole);
            }
            at.set(field, was);
            if (was instanceof ObjectNode inner) {
                spoil(whole, inner, asking);
            } else if (was instanceof ArrayNode list && !list.isEmpty() && list.get(0) instanceof ObjectNode inner) {
                spoil(whole, inner, asking);
                JsonNode first = list.get(0);
                list.set(0, NEW.nullNode());
                asking.ask(whole);
                list.set(0, first);
            }
        }
    }

    private static String filled(String path, String with) {
        return path.replaceAll("\\{[^}]*}", java.util.regex.Matcher.quoteReplacement(encoded(with)));
    }

    private static String encoded(String text) {
        return text.equals("\uD800")
                ? "%ED%A0%80"
                : URLEncoder.encode(text, StandardCharsets.UTF_8).replace("+", "%20");
    }

    private JsonNode sample(JsonNode schema, int depth) {
        JsonNode of =
                schema.has("$ref") ? document.at(schema.get("$ref").asString().substring(1)) : schema;
        if (of.has("enum")) {
            return of.get("enum").get(0);
        }
        return switch (of.path("type").asString("object")) {
            case "string" -> NEW.stringNode(of.path("format").asString("").equals("date") ? "" + http.today() : "one");
            case "integer", "number" -> NEW.numberNode(1);
            case "boolean" -> NEW.booleanNode(true);
            case "array" -> {
                ArrayNode list = NEW.arrayNode();
                if (depth < 4) {
                    list.add(sample(of.get("items"), depth + 1));
                }
                yield list;
            }
            default -> {
                ObjectNode object = NEW.objectNode();
                if (depth < 4) {
                    of.path("properties")
                            .properties()
                            .forEach(field -> object.set(field.getKey(), sample(field.getValue(), depth + 1)));
                }
                yield object;
            }
        };
    }

    private void ask(String way, String path, JsonNode body) {
        if (random.nextDouble() >= SHARE) {
            return;
        }
        asked++;
        HttpRequest.Builder request = http.request(path).header("Content-Type", "application/json");
        String text = body == null ? "" : escaped(body);
        Http.Answer answer = http.send(request.method(way, BodyPublishers.ofString(text)));
        String what = way + " " + path.substring(0, Math.min(90, path.length())) + " "
                + text.substring(0, Math.min(300, text.length()));
        if (answer.status() >= 500) {
            wrong.add(answer.status() + " " + what);
        } else if (answer.status() >= 400) {
            String type = answer.whole().headers().firstValue("Content-Type").orElse("");
            String said = answer.text();
            if (!type.startsWith("application/problem+json")) {
                wrong.add("no problem (" + answer.status() + ") " + what);
            } else if (INSIDE.matcher(said).find()) {
                wrong.add("insides " + what + " -> " + said.substring(0, Math.min(300, said.length())));
            }
        }
    }

    // Half a letter cannot be sent as it is.
    private static String escaped(JsonNode body) {
        return JSON.writeValueAsString(body).replace("\uD800", "\\ud800");
    }
}
