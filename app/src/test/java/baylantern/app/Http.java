package baylantern.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.URLConnection;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Speaks to the application as a program would, and makes the small farm most tests begin with. */
public final class Http {

    private static final JsonMapper JSON = JsonMapper.builder().build();
    private final HttpClient client;
    private final String base;
    private final Map<String, String> headings;

    public Http(int port) {
        this("http://127.0.0.1:" + port, HttpClient.newHttpClient(), Map.of());
    }

    /** Speaks to a door in this way, with these headings on each request. */
    Http(String base, HttpClient client, Map<String, String> headings) {
        this.base = base;
        this.client = client;
        this.headings = headings;
    }

    /** The same line with other headings. */
    Http with(Map<String, String> others) {
        return new Http(base, client, others);
    }

    public record Answer(int status, byte[] bytes, HttpResponse<byte[]> whole) {

        public JsonNode json() {
            return JSON.readTree(bytes);
        }

        public String text() {
            return new String(bytes, StandardCharsets.UTF_8);
        }
    }

    public Answer get(String path) {
        return send(request(path).GET());
    }

    public Answer post(String path, Object body) {
        return send(json(path).POST(BodyPublishers.ofString(JSON.writeValueAsString(body))));
    }

    Answer put(String path, Object body) {
        return send(json(path).PUT(BodyPublishers.ofString(JSON.writeValueAsString(body))));
    }

    /** Reads as a device that reads in these units. */
    Answer getIn(String units, String path) {
        return send(request(path).header("Lantern-Units", units).GET());
    }

    /** Asks as a device that reads in these units. */
    Answer postIn(String units, String path, Object body) {
        return send(
                json(path).header("Lantern-Units", units).POST(BodyPublishers.ofString(JSON.writeValueAsString(body))));
    }

    Answer file(String path, byte[] body) {
        return send(request(path)
                .header("Content-Type", "application/octet-stream")
                .POST(BodyPublishers.ofByteArray(body)));
    }

    Answer send(HttpRequest.Builder builder) {
        try {
            HttpResponse<byte[]> response = client.send(builder.build(), BodyHandlers.ofByteArray());
            return new Answer(response.statusCode(), response.body(), response);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    /** What stands there, as text; for a test that reads very often. */
    String text(String path) {
        try {
            URLConnection line = URI.create(base + path).toURL().openConnection();
            try (InputStream in = line.getInputStream()) {
                return new String(in.readAllBytes(), StandardCharsets.UTF_8);
            }
        } catch (IOException e) {
            return get(path).text();
        }
    }

    /** An answer that has no end, as it comes. */
    InputStream stream(String path) {
        try {
            return client.send(request(path).GET().build(), BodyHandlers.ofInputStream())
                    .body();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    int port() {
        return URI.create(base).getPort();
    }

    HttpRequest.Builder request(String path) {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(base + path));
        headings.forEach(request::header);
        return request;
    }

    HttpRequest.Builder json(String path) {
        return request(path).header("Content-Type", "application/json");
    }

    /** A site, a place, a person, an avocado and a mango variety, and three avocado stocks; ids are 1, 2, 3. */
    void smallFarm() {
        put(
                "/api/site",
                Map.of(
                        "name",
                        "Gull Steps",
                        "latitudeDeg",
                        -28.5,
                        "longitudeDeg",
                        12,
                        "altitudeM",
                        40,
                        "zone",
                        "UTC",
                        "version",
                        0));
        post("/api/spots", Map.of("name", "Bench"));
        post("/api/people", Map.of("name", "Ingmar"));
        post("/api/varieties", Map.of("speciesKey", "avocado", "name", "Pale Buoy"));
        post("/api/varieties", Map.of("speciesKey", "mango", "name", "Copper Anchor", "protectedRight", true));
        post(
                "/api/plants/paste",
                Map.of(
                        "lines",
                        "AV-1 8.2\nAV-2 9,1\nAV-3",
                        "speciesKey",
                        "avocado",
                        "kind",
                        "SEEDLING_STOCK",
                        "spotId",
                        1));
    }

    /** A net bag in a cool box, where lots lie; the first store. */
    void netBag() {
        post("/api/stores", Map.of("name", "Net bag", "method", "COOL_BOX", "setC", 10));
    }

    /** A cleft of the first variety on these stems, made so many days ago. */
    Answer cleft(int daysAgo, long... stems) {
        List<Map<String, Object>> on = java.util.Arrays.stream(stems)
                .mapToObj(stem -> Map.<String, Object>of("stemId", stem, "scionMm", 8.0, "stockMm", 8.2))
                .toList();
        String day = get("/api/farm").json().get("today").asString();
        return post(
                "/api/grafts",
                Map.of(
                        "varietyId",
                        1,
                        "techniqueKey",
                        "cleft",
                        "makerId",
                        1,
                        "cover",
                        "FILM",
                        "stems",
                        on,
                        "madeOn",
                        java.time.LocalDate.parse(day).minusDays(daysAgo).toString()));
    }

    /** The farm's day. */
    LocalDate today() {
        return LocalDate.parse(get("/api/farm").json().get("today").asString());
    }

    /** A mother tree of the first variety at the first place; answers its id. */
    long mother(String code, @Nullable LocalDate startedOn) {
        Map<String, Object> plant =
                new HashMap<>(Map.of("lines", code, "speciesKey", "avocado", "kind", "MOTHER_TREE"));
        plant.put("spotId", 1);
        plant.put("varietyId", 1);
        plant.put("startedOn", startedOn == null ? null : startedOn.toString());
        post("/api/plants/paste", plant);
        return get("/api/plants?search=" + code)
                .json()
                .get("plants")
                .get(0)
                .get("id")
                .asLong();
    }

    /** A lot of a plant in the first store as it is sent, wrapped, four buds a stick, cut by the first person. */
    static Map<String, Object> lot(long plant, LocalDate cutOn, Object sticks) {
        Map<String, Object> entry = new HashMap<>(Map.of("plantId", plant, "budsPerStick", 4, "storeId", 1));
        entry.put("cutOn", cutOn.toString());
        entry.put("cutBy", 1);
        entry.put("sticks", sticks);
        entry.put("wrapped", true);
        return entry;
    }

    /** A lot that was taken in. */
    JsonNode collected(Map<String, Object> lot) {
        Answer answer = post("/api/lots", lot);
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.json();
    }

    /** A graft of the first variety with wood of a lot, as it is sent. */
    static Map<String, Object> graftOf(long lot, String technique, LocalDate day, long... stems) {
        List<Map<String, Object>> on = java.util.Arrays.stream(stems)
                .mapToObj(stem -> Map.<String, Object>of("stemId", stem))
                .toList();
        Map<String, Object> entry = new HashMap<>(Map.of("varietyId", 1, "techniqueKey", technique, "makerId", 1));
        entry.putAll(Map.of("cover", "FILM", "madeOn", day.toString(), "lotId", lot, "stems", on));
        return entry;
    }

    /** A test of a plant or source as it is sent. */
    static Map<String, Object> tested(String key, String outcome, LocalDate day) {
        return new HashMap<>(Map.of("key", key, "day", day.toString(), "subject", "leaf scald", "outcome", outcome));
    }

    /** Takes back what an answer did. */
    Answer undo(JsonNode answer) {
        return post("/api/acts/" + answer.get("actId").asLong() + "/undo", Map.of());
    }

    JsonNode sheet(String code) {
        return get("/api/grafts/" + code).json();
    }

    Answer look(String code, String sign) {
        JsonNode graft = sheet(code).get("stop").get("graft");
        return look(graft, sign);
    }

    Answer look(JsonNode graft, String sign) {
        Map<String, Object> look = lookAt(graft, sign);
        look.put("personId", 1);
        return post("/api/looks", look);
    }

    /** A look at one graft as it is sent. */
    static Map<String, Object> lookAt(JsonNode graft, String sign) {
        Map<String, Object> one = Map.of(
                "graftId",
                graft.get("id").asLong(),
                "version",
                graft.get("version").asInt());
        return new HashMap<>(Map.of("grafts", List.of(one), "sign", sign));
    }
}
