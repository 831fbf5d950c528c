package baylantern.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest.BodyPublishers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.GeneralSecurityException;
import java.security.KeyStore;
import java.security.cert.CertificateFactory;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import javax.net.ssl.SSLContext;
import javax.net.ssl.TrustManagerFactory;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.context.ApplicationContext;
import org.springframework.test.context.TestPropertySource;
import org.springframework.test.util.ReflectionTestUtils;
import tools.jackson.databind.JsonNode;

/** The farm shared: the other door, who is let in by it and what each may do there. */
@TestPropertySource(properties = "lantern.share=true")
class ShareApiTest extends ApiTest {

    private static final long OWNER = 1;
    private static final long HAND = 2;
    private static final long GUEST = 3;

    @Autowired
    private ApplicationContext context;

    private Http door;
    private SSLContext trust;

    @BeforeEach
    void sharedFarm() throws GeneralSecurityException, IOException {
        // Who was wrong in another test need not wait in this one.
        ((Map<?, ?>) Objects.requireNonNull(ReflectionTestUtils.getField(context.getBean("waitDesk"), "wrong")))
                .clear();
        stored("DELETE FROM share_device");
        stored("DELETE FROM share_person");
        stored("DELETE FROM share_event");
        stored("DELETE FROM share_gone");
        stored("DELETE FROM share_left");
        http.smallFarm();
        http.post("/api/people", Map.of("name", "Solveig"));
        http.post("/api/people", Map.of("name", "Torvald"));
        KeyStore farms = KeyStore.getInstance("PKCS12");
        farms.load(null, null);
        farms.setCertificateEntry(
                "farm",
                CertificateFactory.getInstance("X.509")
                        .generateCertificate(new ByteArrayInputStream(
                                http.get("/api/share/authority.crt").bytes())));
        TrustManagerFactory trusting = TrustManagerFactory.getInstance(TrustManagerFactory.getDefaultAlgorithm());
        trusting.init(farms);
        trust = SSLContext.getInstance("TLS");
        trust.init(null, trusting.getTrustManagers(), null);
        String address = http.get("/api/share").json().get("addresses").get(0).asString();
        String base = "https://127.0.0.1:" + URI.create(address).getPort();
        door = new Http(base, HttpClient.newBuilder().sslContext(trust).build(), Map.of("Origin", base));
    }

    private String code(long person, String role) {
        Http.Answer laid = http.post("/api/share/codes", Map.of("personId", person, "role", role));
        assertThat(laid.status()).as(laid.text()).isEqualTo(200);
        return laid.json().get("code").asString();
    }

    private Http.Answer withCode(String code, String device) {
        return door.post("/api/share/sign-in", Map.of("code", code, "device", device));
    }

    private Http with(Http.Answer signedIn) {
        assertThat(signedIn.status()).as(signedIn.text()).isEqualTo(200);
        String cookie = signedIn.whole().headers().firstValue("Set-Cookie").orElseThrow();
        assertThat(cookie)
                .startsWith("__Host-lantern=")
                .contains("Path=/", "Secure", "HttpOnly", "SameSite=Strict")
                .doesNotContain("Domain");
        Map<String, String> headings = new HashMap<>(Map.of("Cookie", cookie.split(";")[0]));
        headings.put(
                "Origin",
                door.request("/").build().headers().firstValue("Origin").orElseThrow());
        return door.with(headings);
    }

    private Http paired(long person, String role, String device) {
        return with(withCode(code(person, role), device));
    }

    @Test
    void aPhoneThatTrustsTheFarmIsPairedAndWorksAsItsPerson() {
        assertThat(door.get("/api/farm").status()).isEqualTo(401);
        assertThat(door.get("/api/farm").text()).contains("not signed in").doesNotContain("Gull Steps");
        assertThat(door.get("/today").text()).contains("<div id=\"root\"");
        String code = code(HAND, "HAND");
        Http phone = with(withCode(code.toLowerCase(Locale.ROOT), "phone"));
        assertThat(withCode(code, "another").status()).isEqualTo(403);
        JsonNode who = phone.get("/api/farm").json().get("who");
        assertThat(who.get("personId").asInt()).isEqualTo(2);
        assertThat(who.get("role").asString()).isEqualTo("HAND");
        assertThat(http.get("/api/farm").json().has("who")).isFalse();
        // What the device says of the person counts for nothing.
        Map<String, Object> note = Map.of("plantIds", List.of(1), "sun", "S60 M40");
        assertThat(phone.send(phone.json("/api/flush/notes")
                                .header("Lantern-Person", "1")
                                .POST(BodyPublishers.ofString("{\"plantIds\":[1],\"sun\":\"S60 M40\"}")))
                        .status())
                .isEqualTo(200);
        JsonNode act = phone.get("/api/acts").json().get(0);
        assertThat(act.get("personName").asString()).isEqualTo("Solveig");
        assertThat(act.get("device").asString()).isEqualTo("phone");
        // One's own is taken back; what was done at the farm's own screen by nobody in particular is not.
        assertThat(phone.post("/api/acts/" + act.get("id").asInt() + "/undo", "")
                        .status())
                .isEqualTo(200);
        http.post("/api/flush/notes", note);
        String nobodys =
                "/api/acts/" + http.get("/api/acts").json().get(0).get("id").asInt() + "/undo";
        assertThat(phone.post(nobodys, "").text()).contains("farm's own screen");
        assertThat(paired(OWNER, "OWNER", "tablet").post(nobodys, "").status()).isEqualTo(200);
        JsonNode shared = http.get("/api/share").json();
        assertThat(shared.get("devices")
                        .valueStream()
                        .map(one -> one.get("name").asString()))
                .containsExactlyInAnyOrder("phone", "tablet");
        assertThat(shared.get("events").valueStream().map(one -> one.get("kind").asString()))
                .contains("CODE_MADE", "RIGHTS_SET", "PAIRED", "WRONG_CODE");
    }

    @Test
    void aDeviceThatIsTakenAwayHearsAndMayNothingMore() throws IOException {
        Http phone = paired(HAND, "HAND", "phone");
        Http second = paired(HAND, "HAND", "phone");
        try (InputStream feed = phone.stream("/api/changes")) {
            assertThat(feed.read()).isPositive();
            JsonNode devices = http.get("/api/share").json().get("devices");
            assertThat(devices.valueStream().map(one -> one.get("name").asString()))
                    .containsExactlyInAnyOrder("phone", "phone 2");
            long id = devices.valueStream()
                    .filter(one -> one.get("name").asString().equals("phone"))
                    .findFirst()
                    .orElseThrow()
                    .get("id")
                    .asLong();
            assertThat(http.send(http.request("/api/share/devices/" + id).DELETE())
                            .status())
                    .isEqualTo(200);
            assertThat(http.send(http.request("/api/share/devices/" + id).DELETE())
                            .status())
                    .isEqualTo(404);
            feed.readAllBytes();
        }
        assertThat(phone.get("/api/farm").status()).isEqualTo(401);
        assertThat(second.get("/api/farm").status()).isEqualTo(200);
        assertThat(second.post("/api/share/sign-out", "").status()).isEqualTo(200);
        assertThat(second.get("/api/farm").status()).isEqualTo(401);
        // Rights hold from the next request on, and go with the person.
        Http third = paired(HAND, "HAND", "phone");
        http.put("/api/share/people/2/role", Map.of("role", "GUEST"));
        assertThat(third.post("/api/people", Map.of("name", "X")).text()).contains("Solveig looks on here");
        assertThat(third.post("/api/looks", Map.of()).text()).contains("Solveig looks on here");
        http.post("/api/away", Map.of("kind", "PERSON", "id", 2));
        assertThat(third.get("/api/farm").status()).isEqualTo(401);
        // Another farm's person of the same number is somebody else.
        Http fourth = paired(GUEST, "GUEST", "phone");
        assertThat(fourth.get("/api/farm").status()).isEqualTo(200);
        stored("UPDATE place_person SET name = 'Somebody else' WHERE id = 3");
        assertThat(fourth.get("/api/farm").status()).isEqualTo(401);
    }

    @Test
    void whatADeviceStillHeldWhenItWasTakenAwayIsOfferedToAnOwner() throws Exception {
        Http phone = paired(HAND, "HAND", "phone");
        Map<String, Object> kept = new HashMap<>(Map.of("request", "left-on-a-phone", "farm", "f", "ago", 7200));
        kept.putAll(Map.of(
                "day",
                "" + http.today(),
                "words",
                "BE-1: green",
                "way",
                "POST /api/looks",
                "body",
                "{\"sign\":\"GREEN\"}"));
        assertThat(phone.post("/api/share/left", kept).status())
                .as("signed in, it sends")
                .isEqualTo(401);
        long id = http.get("/api/share").json().get("devices").get(0).get("id").asLong();
        http.send(http.request("/api/share/devices/" + id).DELETE());
        assertThat(AtOnce.of(8, () -> phone.post("/api/share/left", kept).status()))
                .as("however often it hands in")
                .containsOnly(200);
        assertThat(door.post("/api/share/left", kept).status()).isEqualTo(401);
        assertThat(phone.get("/api/share/left").status()).isEqualTo(401);
        JsonNode left = http.get("/api/share/left").json();
        assertThat(left.size()).isEqualTo(1);
        assertThat(left.get(0).get("personName").asString()).isEqualTo("Solveig");
        assertThat(left.get(0).get("device").asString()).isEqualTo("phone");
        assertThat(left.get(0).get("body").asString()).contains("GREEN");
        String decided = "/api/share/left/" + left.get(0).get("id").asLong();
        assertThat(AtOnce.of(8, () -> http.send(http.request(decided).DELETE()).status()))
                .containsOnlyOnce(200)
                .contains(409);
        kept.put("ago", 6_000_000);
        assertThat(phone.post("/api/share/left", kept).status()).isEqualTo(422);
        kept.put("body", "x".repeat(5000));
        assertThat(phone.post("/api/share/left", kept).status()).isEqualTo(413);
    }

    @Test
    void passphrasesLetInAndWrongOnesWaitAndTellNothing() {
        assertThat(http.put("/api/share/people/2/passphrase", Map.of("passphrase", "three green limbs"))
                        .status())
                .isEqualTo(409);
        http.put("/api/share/people/2/role", Map.of("role", "HAND"));
        assertThat(http.put("/api/share/people/2/passphrase", Map.of("passphrase", "short"))
                        .status())
                .isEqualTo(422);
        assertThat(http.put("/api/share/people/2/passphrase", Map.of("passphrase", "three green limbs"))
                        .status())
                .isEqualTo(200);
        Map<String, Object> right = Map.of("name", "solveig", "passphrase", "three green limbs", "device", "tablet");
        assertThat(with(door.post("/api/share/sign-in", right)).get("/api/farm").status())
                .isEqualTo(200);
        List<String> told = new ArrayList<>();
        for (String name : List.of("Solveig", "Nobody", "Torvald")) {
            Http.Answer wrong = door.post(
                    "/api/share/sign-in", Map.of("name", name, "passphrase", "three green limb", "device", "t"));
            assertThat(wrong.status()).isEqualTo(403);
            told.add(wrong.text());
        }
        assertThat(told).containsOnly(told.get(0));
        Http.Answer waits = door.post("/api/share/sign-in", right);
        assertThat(waits.status()).isEqualTo(429);
        assertThat(waits.text()).contains("Try again in 1 s");
        assertThat(http.get("/api/share").text()).doesNotContain("argon2", "mark\":\"$");
    }

    @Test
    void aCrowdThatTriesAtOnceGetsNoMoreTries() {
        String code = code(HAND, "HAND");
        List<Integer> answers = IntStream.range(0, 50)
                .parallel()
                .mapToObj(i -> withCode("WRONG" + i, "x").status())
                .toList();
        assertThat(answers.stream().filter(status -> status == 403).count()).isBetween(1L, 3L);
        assertThat(answers.stream().filter(status -> status == 429).count()).isGreaterThanOrEqualTo(47);
        assertThat(withCode(code, "x").status()).isEqualTo(429);
    }

    @Test
    void foreignNamesOriginsAndEndlessFormsAreRefusedAtTheDoor() throws IOException {
        String code = code(HAND, "HAND");
        Map<String, Object> form = Map.of("code", code, "device", "phone");
        assertThat(door.with(Map.of()).post("/api/share/sign-in", form).text()).contains("own pages");
        assertThat(door.with(Map.of("Origin", "https://elsewhere.invalid"))
                        .post("/api/share/sign-in", form)
                        .status())
                .isEqualTo(403);
        assertThat(door.with(Map.of("Sec-Fetch-Site", "cross-site"))
                        .post("/api/share/sign-in", form)
                        .status())
                .isEqualTo(403);
        assertThat(door.post("/api/share/sign-in", Map.of("code", code, "device", "x".repeat(9000)))
                        .status())
                .isEqualTo(413);
        assertThat(raw("GET /api/farm HTTP/1.1\r\nHost: elsewhere.invalid\r\nConnection: close\r\n\r\n"))
                .startsWith("HTTP/1.1 421")
                .contains("does not go by that name");
        assertThat(raw("POST /api/share/sign-in HTTP/1.1\r\nHost: 127.0.0.1\r\nOrigin: https://127.0.0.1\r\n"
                        + "Content-Type: application/json\r\nContent-Length: 1073741824\r\n\r\n{\"code\":\""))
                .startsWith("HTTP/1.1 413");
        assertThat(door.get("/error").status()).isEqualTo(404);
        assertThat(door.get("/actuator/health").status()).isEqualTo(404);
        assertThat(door.get("/api/openapi.json").status()).isEqualTo(404);
        // The line to the farm's own screen takes no cookie for more, and a phone that does not trust the farm is not
        // let in.
        assertThat(http.post("/api/share/sign-in", form).status()).isEqualTo(409);
        Http stranger = new Http(door.request("").build().uri().toString(), HttpClient.newHttpClient(), Map.of());
        assertThatThrownBy(() -> stranger.get("/api/farm"))
                .isInstanceOf(UncheckedIOException.class)
                .hasMessageContaining("certification path");
        assertThat(withCode(code, "phone").status()).isEqualTo(200);
    }

    private String raw(String request) throws IOException {
        try (Socket line = trust.getSocketFactory().createSocket("127.0.0.1", door.port())) {
            line.setSoTimeout(20_000);
            line.getOutputStream().write(request.getBytes(StandardCharsets.US_ASCII));
            line.getOutputStream().flush();
            return new String(line.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    /** What each of the API document's ways needs is written down in one list, and each role is tried on each of them. */
    @Test
    void everyWayIsForSomeRoleAndForNobodyLess() throws IOException {
        Map<String, String> needs = new TreeMap<>();
        for (String line : Files.readAllLines(Path.of("src/test/resources/baylantern/app/roles.txt"))) {
            needs.put(line.substring(line.indexOf(' ') + 1), line.substring(0, line.indexOf(' ')));
        }
        List<String> ways = new ArrayList<>();
        http.get("/api/openapi.json")
                .json()
                .get("paths")
                .properties()
                .forEach(path -> path.getValue()
                        .propertyNames()
                        .forEach(method -> ways.add(method.toUpperCase(Locale.ROOT) + " " + path.getKey())));
        assertThat(needs.keySet()).as("roles.txt names every way there is").containsExactlyInAnyOrderElementsOf(ways);
        List<String> roles = List.of("NOBODY", "GUEST", "HAND", "OWNER");
        Map<String, Http> as = Map.of(
                "NOBODY", door,
                "GUEST", paired(GUEST, "GUEST", "g"),
                "HAND", paired(HAND, "HAND", "h"),
                "OWNER", paired(OWNER, "OWNER", "o"));
        for (String role : roles.subList(1, roles.size())) {
            JsonNode who = as.get(role).get("/api/farm").json().get("who");
            assertThat(who.get("closed").valueStream().map(JsonNode::asString))
                    .as("what a screen is told not to offer to " + role)
                    .containsExactlyElementsOf(needs.keySet().stream()
                            .filter(way -> roles.indexOf(needs.get(way)) > roles.indexOf(role))
                            .toList());
        }
        for (String way : needs.keySet()) {
            String[] asked = way.split(" ");
            String path = asked[1].replaceAll("\\{[^}]*}", "0");
            for (String role : roles) {
                if (way.contains("sign-out") || way.contains("farm.zip") || way.contains("copies")) {
                    continue;
                }
                boolean may = roles.indexOf(role) >= roles.indexOf(needs.get(way));
                Http one = as.get(role);
                Http.Answer answer = asked(one, asked[0], path, "application/json");
                if (answer.status() == 415) {
                    answer = asked(one, asked[0], path, "application/octet-stream");
                }
                String as403 = answer.status() == 403 ? answer.text() : "";
                if (may) {
                    assertThat(answer.status()).as(way + " as " + role).isNotEqualTo(401);
                    assertThat(as403).as(way + " as " + role).doesNotContain("Only an owner", "looks on here");
                } else if (role.equals("NOBODY")) {
                    assertThat(answer.status()).as(way + " as " + role).isEqualTo(401);
                } else {
                    assertThat(as403)
                            .as(way + " as " + role)
                            .contains(role.equals("GUEST") ? "Torvald looks on here" : "Only an owner");
                }
            }
        }
    }

    // Where nobody reads what was sent the farm may shut the line behind its answer, just as it is taken up again here.
    private static Http.Answer asked(Http as, String how, String path, String type) {
        Supplier<Http.Answer> asks =
                () -> as.send(as.request(path).header("Content-Type", type).method(how, BodyPublishers.ofString("{}")));
        try {
            return asks.get();
        } catch (UncheckedIOException lineWasShut) {
            return asks.get();
        }
    }
}
