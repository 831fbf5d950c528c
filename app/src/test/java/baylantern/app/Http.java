package baylantern.app;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Speaks to the application as a program would, and makes the small farm most tests begin with. */
final class Http {

    private static final JsonMapper JSON = JsonMapper.builder().build();
    private final HttpClient client = HttpClient.newHttpClient();
    private final String base;

    Http(int port) {
        this.base = "http://127.0.0.1:" + port;
    }

    record Answer(int status, byte[] bytes, HttpResponse<byte[]> whole) {

        JsonNode json() {
            return JSON.readTree(bytes);
        }

        String text() {
            return new String(bytes, StandardCharsets.UTF_8);
        }
    }

    Answer get(String path) {
        return send(request(path).GET());
    }

    Answer post(String path, Object body) {
        return send(json(path).POST(BodyPublishers.ofString(JSON.writeValueAsString(body))));
    }

    Answer put(String path, Object body) {
        return send(json(path).PUT(BodyPublishers.ofString(JSON.writeValueAsString(body))));
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

    HttpRequest.Builder request(String path) {
        return HttpRequest.newBuilder(URI.create(base + path));
    }

    private HttpRequest.Builder json(String path) {
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

    JsonNode sheet(String code) {
        return get("/api/grafts/" + code).json();
    }

    Answer look(String code, String sign) {
        JsonNode graft = sheet(code).get("stop").get("graft");
        return look(graft, sign);
    }

    Answer look(JsonNode graft, String sign) {
        return post(
                "/api/looks",
                Map.of(
                        "grafts",
                        List.of(Map.of(
                                "graftId",
                                graft.get("id").asLong(),
                                "version",
                                graft.get("version").asInt())),
                        "sign",
                        sign,
                        "personId",
                        1));
    }
}
