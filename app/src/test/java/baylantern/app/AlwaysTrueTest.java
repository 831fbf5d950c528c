package baylantern.app;

import static org.assertj.core.api.Assertions.assertThat;

import baylantern.app.platform.Change;
import baylantern.app.platform.ChangeListener;
import baylantern.app.platform.Changes;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.context.TestPropertySource;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.JsonNode;

/**
 * After every write, in a farm with everything warm, each reading answers as it does once all that is kept was forgotten
 * and all that is stored beside its facts was worked out anew. Every way to write in the API document has its turn here.
 */
@TestPropertySource(properties = {"lantern.demo=true", "lantern.demo-times=0"})
class AlwaysTrueTest extends ApiTest {

    /** Ways to read that do not answer from the farm's facts alone. */
    private static final Map<String, String> NOT_COMPARED = Map.of(
            "GET /api/copies", "files beside the store",
            "GET /api/changes/since", "what changed, no fact of the farm",
            "GET /api/calliper", "a device, which measures anew each time",
            "GET /api/share", "who is let in, no fact of the farm",
            "GET /api/share/left", "what is not written yet, no fact of the farm",
            "GET /api/share/authority.crt", "a file beside the store",
            "GET /api/exchange/farm.zip", "the tables themselves, with the hour",
            "GET /api/labels.pdf", "a print, with the moment in it",
            "GET /api/printer/strips/{name}", "a picture of what was printed, no fact of the farm",
            "GET /api/fit/pairings/{id}", "works aside and tells how far it is");

    private static final String TRIED = "TR-1 9\nTR-2 9\nTR-3 9\nTR-4 9\nTR-5 9";

    /** A measure as it is kept, within a sentence. */
    private static final Pattern RAW = Pattern.compile("\\d (mm|°C|ml)\\b");

    /** Ways to ask by sending a form: they write nothing. Those that answer from the farm's facts are compared, see asked. */
    private static final Set<String> ASKS = Set.of(
            "POST /api/cleaning/plan",
            "POST /api/copies",
            "POST /api/fit",
            "POST /api/fit/techniques",
            "POST /api/fit/pairings",
            "DELETE /api/fit/pairings/{id}",
            "POST /api/bench-days/{day}/at-hand",
            "POST /api/graft-days/look",
            "POST /api/grafts/check",
            "POST /api/notebooks",
            "POST /api/notebooks/{id}/preview",
            "POST /api/recalls/preview",
            "POST /api/rules/figures/try",
            "POST /api/printer",
            "POST /api/printer/roll",
            "POST /api/scans",
            // Who is let in is no fact of the farm.
            "POST /api/share/codes",
            "DELETE /api/share/codes/{personId}",
            "DELETE /api/share/devices/{id}",
            "POST /api/share/left",
            "DELETE /api/share/left/{id}",
            "PUT /api/share/people/{personId}/passphrase",
            "PUT /api/share/people/{personId}/role",
            "POST /api/share/sign-in",
            "POST /api/share/sign-out",
            "POST /api/trials/try",
            "POST /api/stick-checks/judge",
            "POST /api/weather/look");

    @Autowired
    private Changes changes;

    @Autowired
    private ObjectProvider<ChangeListener> listeners;

    @Autowired
    private PlatformTransactionManager transactions;

    /** Writes that are no acts: the clock, what takes an act back, and a farm that comes in whole. */
    private static final Set<String> NO_ACTS = Set.of(
            "POST /api/demo-clock",
            "POST /api/acts/{id}/undo",
            "POST /api/exchange/farm.zip",
            "POST /api/copies/{name}/back");

    /** What cannot read as before: what was done, and how often a row was written. */
    private static final Pattern TOLD_ANEW = Pattern.compile("\"version\":\\d+");

    /** An act with what the farm read before it, null where that was not looked at; steps of the clock stand among them. */
    private record Step(long act, String what, @Nullable Map<String, String> before, int days) {}

    private final Deque<Step> steps = new ArrayDeque<>();
    private Map<String, String> last = Map.of();
    private long lastAct;
    private boolean lastIsNow;
    private final ExecutorService two = Executors.newFixedThreadPool(2);
    private boolean compared = true;
    private final Set<String> written = new TreeSet<>();
    private final Set<String> readings = new TreeSet<>();
    private LocalDate today;

    @AfterEach
    void readersGoHome() {
        two.shutdown();
    }

    @Test
    void everyReadingIsTrueAfterEveryWrite() {
        stored(
                "INSERT INTO sound_unread (table_name, row_id, column_name, was) VALUES ('place_plant', 7, 'kind', 'SHRUB')");
        site();
        places();
        weather();
        notes();
        wood();
        plans();
        grafts();
        fit();
        benchDay();
        trees();
        noReadingSaysMillimetresWhereInchesAreRead();
        health();
        again();
        everythingHadItsTurn();
    }

    private void site() {
        Map<String, Object> site = new HashMap<>(Map.of("name", "Gull Steps", "latitudeDeg", 28.5, "longitudeDeg", 12));
        site.putAll(Map.of("altitudeM", 40, "zone", "UTC", "version", 0));
        Map<String, Object> stocks = Map.of("lines", "AV-1 8.2\nAV-2 9.1\nAV-3 8\nAV-4 9", "spot", "Bench");
        Map<String, Object> mothers = Map.of("lines", "PB-M1", "spot", "Bench", "stage", "M");
        Map<String, Object> grown = new HashMap<>(Map.of("speciesKey", "avocado", "varieties", List.of("Pale Buoy")));
        grown.putAll(Map.of("stocks", stocks, "mothers", mothers));
        Map<String, Object> all = Map.of("site", site, "people", List.of("Ingmar"), "grown", List.of(grown));
        did("POST /api/beginning", http.post("/api/beginning", all));
        today = http.today();
        site.putAll(Map.of("latitudeDeg", 21.0, "version", 0));
        did("PUT /api/site", http.put("/api/site", site));
    }

    private void places() {
        did("POST /api/spots", http.post("/api/spots", Map.of("name", "Terrace")));
        did("POST /api/people", http.post("/api/people", Map.of("name", "Solveig")));
        did(
                "PUT /api/people/{id}",
                http.put("/api/people/1", Map.of("to", Map.of("name", "Ingmar of the steps"), "version", 0)));
        did("POST /api/varieties", http.post("/api/varieties", variety("Copper Anchor")));
        did("POST /api/away", http.post("/api/away", Map.of("kind", "PERSON", "id", 2)));
        did(
                "DELETE /api/away/{kind}/{id}",
                http.send(http.request("/api/away/PERSON/2").DELETE()));
        Map<String, Object> mother = paste("", "FIELD_TREE");
        mother.remove("lines");
        mother.putAll(Map.of("code", "PB-M2", "varietyId", 1, "startedOn", "2015-01-01"));
        did("POST /api/plants", http.post("/api/plants", mother));
        did("POST /api/plants/paste", http.post("/api/plants/paste", paste("AV-5 9\nAV-6 8", "SEEDLING_STOCK")));
    }

    private static Map<String, Object> variety(String name) {
        return new HashMap<>(Map.of("speciesKey", "avocado", "name", name));
    }

    private static Map<String, Object> paste(String lines, String kind) {
        return new HashMap<>(Map.of("lines", lines, "speciesKey", "avocado", "kind", kind, "spotId", 1));
    }

    private void weather() {
        did("PUT /api/weather/climate", http.put("/api/weather/climate", Map.of("months", months(0))));
        did("POST /api/weather/file", http.file("/api/weather/file?overlap=FILE", days(70, 400)));
        did(
                "POST /api/weather/day",
                http.post("/api/weather/day", Map.of("day", "" + today.minusDays(3), "min", "9", "max", "31")));
    }

    private JsonNode months(double lower) {
        JsonNode months = http.get("/api/weather").json().get("climate").deepCopy();
        months.forEach(month -> ((tools.jackson.databind.node.ObjectNode) month)
                .put("minC", month.get("minC").asDouble() - lower)
                .put("maxC", month.get("maxC").asDouble() - lower));
        return months;
    }

    private byte[] days(int until, int from) {
        StringBuilder csv = new StringBuilder("day,min,max\n");
        for (int ago = from; ago > until; ago--) {
            csv.append(today.minusDays(ago))
                    .append(',')
                    .append(12 + ago % 5)
                    .append(',')
                    .append(22 + ago % 7)
                    .append('\n');
        }
        return csv.toString().getBytes(StandardCharsets.UTF_8);
    }

    private void notes() {
        String[] stages = {"S100", "F100", "M100", "R100"};
        for (int i = 0; i < stages.length; i++) {
            Map<String, Object> note =
                    Map.of("plantIds", List.of(1, 2, 5), "sun", stages[i], "day", "" + today.minusDays(300 - 60L * i));
            http.post("/api/flush/notes", note);
        }
        did(
                "POST /api/flush/notes",
                http.post("/api/flush/notes", Map.of("plantIds", List.of(1, 2), "sun", "S60 M40", "personId", 1)));
        did(
                "PUT /api/flush/notes/{id}",
                http.put(
                        "/api/flush/notes/2",
                        Map.of("plantIds", List.of(1), "sun", "S30 M70", "day", "" + today.minusDays(290))));
        did("DELETE /api/flush/notes/{id}", delete("/api/flush/notes/3"));
        did("PUT /api/weather/climate", http.put("/api/weather/climate", Map.of("months", months(9))));
        did("PUT /api/varieties/{id}", http.put("/api/varieties/1", renamed("Pale Buoys")));
    }

    private Map<String, Object> renamed(String name) {
        Map<String, Object> entry = variety(name);
        entry.put(
                "version",
                http.get("/api/varieties").json().get(1).get("version").asInt());
        return entry;
    }

    private void wood() {
        did("POST /api/stores", http.post("/api/stores", Map.of("name", "Cold box", "method", "FRIDGE", "setC", 6)));
        did("POST /api/stores", http.post("/api/stores", Map.of("name", "Pail", "method", "AMBIENT")));
        String log = "time,temp\n" + today.minusDays(2) + " 10:00,11\n" + today.minusDays(1) + " 10:00,12\n";
        did("POST /api/stores/{id}/log", http.file("/api/stores/2/log?unit=C", log.getBytes(StandardCharsets.UTF_8)));
        Map<String, Object> source =
                new HashMap<>(Map.of("name", "Neighbour", "kind", "NEIGHBOUR", "identity", "LABEL_ONLY"));
        source.put("insectProof", false);
        did("POST /api/sources", http.post("/api/sources", source));
        source.putAll(Map.of("name", "Old neighbour", "version", 0));
        did("PUT /api/sources/{id}", http.put("/api/sources/1", source));
        did(
                "POST /api/shoots",
                http.post(
                        "/api/shoots",
                        Map.of("plantId", 5, "pinchedOn", "" + today.minusDays(6), "shoots", 5, "sticksExpected", 5)));
        did("POST /api/lots", http.post("/api/lots", Http.lot(5, today.minusDays(9), 12)));
        did("POST /api/lots", http.post("/api/lots", Http.lot(6, today.minusDays(6), 5)));
        did("POST /api/lots", http.post("/api/lots", Http.lot(6, today.minusDays(1), 3)));
        did(
                "PUT /api/lots/{id}/store",
                http.put(
                        "/api/lots/1/store",
                        Map.of("storeId", 2, "wrapped", true, "fromDay", "" + today.minusDays(3))));
        did("POST /api/lots/{id}/out", http.post("/api/lots/1/out", Map.of("kind", "DISCARD", "sticks", 1)));
        did(
                "POST /api/stick-checks",
                http.post(
                        "/api/stick-checks",
                        Map.of("lotId", 1, "states", Map.of("bark", "SLIGHT"), "measures", Map.of())));
        did("DELETE /api/lots/{id}", delete("/api/lots/3"));
        did(
                "POST /api/cleaning/mixes",
                http.post(
                        "/api/cleaning/mixes",
                        Map.of("agent", "BLEACH", "productPct", 5, "volumeMl", 500, "personId", 1)));
        did("POST /api/cleaning", http.post("/api/cleaning", Map.of("personId", 1, "occasion", "START", "mixId", 1)));
    }

    private void trees() {
        String path = "/api/grafts/PB-26-002/pictures";
        did("POST /api/grafts/{code}/pictures", http.file(path, TestPhotos.png()));
        did("DELETE /api/pictures/{id}", delete("/api/pictures/1"));
        Map<String, Object> apart = new HashMap<>(Map.of("grafts", List.of(on("PB-26-002")), "sign", "GREEN"));
        apart.putAll(Map.of("found", List.of("SEVERED"), "sure", true));
        did("POST /api/looks", http.post("/api/looks", apart));
        did("POST /api/grafts/{code}/spare", http.post("/api/grafts/PB-26-002/spare", Map.of("spotId", 1)));
        Map<String, Object> tree =
                new HashMap<>(Map.of("version", version("PB-26-002"), "spotId", 1, "kind", "MOTHER_TREE"));
        tree.put("sure", true);
        Map<String, Object> dead = new HashMap<>(Map.of("grafts", List.of(on("PB-26-001")), "sign", "DEAD"));
        Http.Answer died = http.post("/api/looks", dead);
        did("POST /api/looks", died);
        Map<String, Object> told = Map.of("seen", List.of("MOULD"), "unseen", List.of("CHEWED"));
        did("PUT /api/causes/{code}/signs", http.put("/api/causes/PB-26-001/signs", told));
        Map<String, Object> known = Map.of("codes", List.of("PB-26-001"), "cause", "WATER");
        did("PUT /api/causes/verdicts", http.put("/api/causes/verdicts", known));
        did("POST /api/grafts/{code}/tree", http.post("/api/grafts/PB-26-002/tree", tree));
    }

    private Map<String, Object> on(String code) {
        JsonNode graft = http.sheet(code).get("stop").get("graft");
        return Map.of(
                "graftId",
                graft.get("id").asLong(),
                "version",
                graft.get("version").asInt());
    }

    private Map<String, Object> plan(int daysAhead) {
        Map<String, Object> day =
                new HashMap<>(Map.of("day", "" + today.plusDays(daysAhead), "spotId", 1, "varietyId", 1, "grafts", 4));
        day.putAll(Map.of("speciesKey", "avocado", "techniqueKey", "cleft"));
        return day;
    }

    private void plans() {
        did("POST /api/graft-days", http.post("/api/graft-days", plan(9)));
        did("PUT /api/graft-days/{planNo}", http.put("/api/graft-days/1", plan(12)));
    }

    private void grafts() {
        did("POST /api/grafts", http.post("/api/grafts", Http.graftOf(1, "cleft", today.minusDays(5), 1, 2)));
        Http.Answer look = http.look("PB-26-001", "GREEN");
        did("POST /api/looks", look);
        String found = "/api/looks/" + look.json().get("actId").asLong() + "/found";
        did("PUT /api/looks/{actId}/found", http.put(found, Map.of("found", List.of("CALLUS"))));
        did("PUT /api/walks", http.put("/api/walks", Map.of("from", "" + today, "to", "" + today.plusDays(2))));
        did(
                "PUT /api/walks/{day}/person",
                http.put("/api/walks/" + today.plusDays(3) + "/person", Map.of("personId", 1)));
        did("DELETE /api/walks", http.send(http.request("/api/walks").DELETE()));
        Map<String, Object> right = new HashMap<>(Map.of("madeOn", "" + today.minusDays(4), "cover", "BAG"));
        right.putAll(Map.of("techniqueKey", "veneer", "scionMm", 8, "stockMm", 9, "version", version("PB-26-001")));
        did("PUT /api/grafts/{code}/made", http.put("/api/grafts/PB-26-001/made", right));
        Map<String, Object> both = Map.of(
                "grafts",
                List.of(read("PB-26-001"), read("PB-26-002")),
                "cover",
                "FOIL",
                "madeOn",
                "" + today.minusDays(6));
        did("PUT /api/grafts/made", http.put("/api/grafts/made", both));
        did(
                "PUT /api/grafts/{code}/notes",
                http.put("/api/grafts/PB-26-002/notes", Map.of("notes", "in shade", "version", version("PB-26-002"))));
        did(
                "PUT /api/grafts/{code}/parts",
                http.put(
                        "/api/grafts/PB-26-002/parts",
                        Map.of("stemId", 7, "lotId", 2, "version", version("PB-26-002"))));
        String book = "day,variety,stock,technique,result\n" + today.minusDays(200) + ",Pale Buoys,AV-9,cleft,alive\n"
                + today.minusDays(20) + ",Copper Anchor,AV-8,cleft,\n";
        String id = http.file("/api/notebooks", book.getBytes(StandardCharsets.UTF_8))
                .json()
                .get("id")
                .asString();
        Map<String, Object> choices = Map.of("species", Map.of("Pale Buoys", "avocado", "Copper Anchor", "avocado"));
        did("POST /api/notebooks/{id}/import", http.post("/api/notebooks/" + id + "/import", choices));
        clock(7);
        did("PUT /api/weather/climate", http.put("/api/weather/climate", Map.of("months", months(-6))));
    }

    private int version(String code) {
        return http.sheet(code).get("stop").get("graft").get("version").asInt();
    }

    private void fit() {
        Map<String, Object> measure = Map.of("readings", List.of(Map.of("heightMm", 80, "diameterMm", 9.6)));
        did("PUT /api/fit/stems/{id}", http.put("/api/fit/stems/3", measure));
        did("PUT /api/fit/hands/{personId}", http.put("/api/fit/hands/1", Map.of("skill", 3)));
        Map<String, Object> limb = Map.of("label", "1", "diameterMm", 60, "heightMm", 900, "directionDeg", 90);
        did("PUT /api/fit/limbs/{code}", http.put("/api/fit/limbs/PB-M2", Map.of("limbs", List.of(limb))));
        Map<String, Object> row =
                new HashMap<>(Map.of("stick", "a", "stem", "b", "lotId", 2, "stemId", 3, "techniqueKey", "cleft"));
        row.putAll(Map.of("scionMm", 8, "stockMm", 9.6, "offsetMm", 0));
        did("POST /api/fit/lists", http.post("/api/fit/lists", Map.of("name", "Sat", "rows", List.of(row))));
        did(
                "POST /api/bench-days/{day}/lists/{listId}",
                http.post("/api/bench-days/" + http.today().plusDays(3) + "/lists/1", Map.of()));
        did(
                "POST /api/fit/lists/{id}/log",
                http.post("/api/fit/lists/1/log", Map.of("rows", List.of(1), "makerId", 1, "cover", "FILM")));
        did("DELETE /api/fit/lists/{id}", delete("/api/fit/lists/1"));
        did(
                "POST /api/bench-days/{day}/limbs/{code}",
                http.post("/api/bench-days/" + http.today().plusDays(4) + "/limbs/PB-M2", Map.of("lotId", 2)));
    }

    private void benchDay() {
        String day = "/api/bench-days/" + http.today();
        Map<String, Object> plan = plan(0);
        plan.put("day", "" + http.today());
        did("POST /api/graft-days", http.post("/api/graft-days", plan));
        Map<String, Object> team =
                new HashMap<>(Map.of("beginsMinute", 450, "pause", Map.of("from", 720, "until", 750)));
        team.put("hands", List.of(Map.of("personId", 1, "role", "WHOLE", "fromMinute", 0)));
        did("PUT /api/bench-days/{day}/team", http.put(day + "/team", team));
        List<String> blocks = new ArrayList<>();
        http.get(day)
                .json()
                .get("blocks")
                .forEach(block -> blocks.add(0, block.get("key").asString()));
        did("PUT /api/bench-days/{day}/order", http.put(day + "/order", Map.of("blocks", blocks)));
        did("DELETE /api/bench-days/{day}/order", delete(day + "/order"));
        did("PUT /api/rules/figures", http.put("/api/rules/figures", Map.of("key", "pushCleft", "number", 28)));
        did("PUT /api/grafts/habits", http.put("/api/grafts/habits", Map.of("question", "water", "school", "moist")));
        did("POST /api/bench-days/{day}/labels", http.post(day + "/labels", Map.of()));
        did("POST /api/bench-days/{day}/begin", http.post(day + "/begin", Map.of()));
        List<Long> jobs = new ArrayList<>();
        JsonNode hand = http.post(day + "/at-hand", Map.of("personId", 1)).json();
        hand.get("turns").forEach(turn -> jobs.add(turn.get("jobId").asLong()));
        String job = "/api/bench-days/jobs/";
        did("POST /api/bench-days/jobs/{id}/later", http.post(job + jobs.get(0) + "/later", Map.of()));
        did(
                "POST /api/bench-days/jobs/{id}/refusal",
                http.post(job + jobs.get(1) + "/refusal", Map.of("why", "ROTTEN")));
        did(
                "POST /api/bench-days/jobs/{id}/made",
                http.post(job + jobs.get(0) + "/made", Map.of("personId", 1, "faceS", 40)));
        tried(day, plan);
        did("POST /api/bench-days/{day}/end", http.post(day + "/end", Map.of()));
        dayTooLong();
    }

    // Two pairs of a trial are made, die, and it is read.
    private void tried(String day, Map<String, Object> plan) {
        did("POST /api/plants/paste", http.post("/api/plants/paste", paste(TRIED, "SEEDLING_STOCK")));
        did("POST /api/lots", http.post("/api/lots", Http.lot(5, http.today(), 12)));
        did("POST /api/graft-days", http.post("/api/graft-days", plan));
        Map.of("trialAlarm", 0.2, "trialPower", 0.7, "trialReadings", 1)
                .forEach((key, number) -> did(
                        "PUT /api/rules/figures",
                        http.put("/api/rules/figures", Map.of("key", key, "number", number))));
        Map<String, Object> trial = new HashMap<>(Map.of("aspect", "school.wrap", "speciesKey", "avocado"));
        trial.putAll(Map.of("first", "upward", "second", "downward", "usual", 0.05, "difference", 0.9));
        did("POST /api/trials", http.post("/api/trials", trial));
        did("POST /api/trials/{id}/giving-up", http.post("/api/trials/1/giving-up", Map.of()));
        did("POST /api/trials", http.post("/api/trials", trial));
        did("POST /api/bench-days/{day}/begin", http.post(day + "/begin", Map.of()));
        JsonNode facing = facing(day);
        while (facing != null) {
            String job = "/api/bench-days/jobs/" + facing.get("jobId").asLong() + "/made";
            did("POST /api/bench-days/jobs/{id}/made", http.post(job, Map.of("personId", 1)));
            facing = facing(day);
        }
        http.get("/api/trials/2/grafts").json().forEach(graft -> {
            Map<String, Object> dead =
                    Map.of("grafts", List.of(on(graft.get("code").asString())), "sign", "DEAD");
            did("POST /api/looks", http.post("/api/looks", dead));
        });
        did("POST /api/trials/{id}/reading", http.post("/api/trials/2/reading", Map.of()));
    }

    private @Nullable JsonNode facing(String day) {
        return http.post(day + "/at-hand", Map.of("personId", 1)).json().get("facing");
    }

    private void dayTooLong() {
        String lines = IntStream.range(500, 640).mapToObj(i -> "LG-" + i + " 9").collect(Collectors.joining("\n"));
        did("POST /api/plants/paste", http.post("/api/plants/paste", paste(lines, "SEEDLING_STOCK")));
        did("POST /api/lots", http.post("/api/lots", Http.lot(5, http.today(), 140)));
        Map<String, Object> plan = plan(1);
        plan.put("day", "" + http.today().plusDays(1));
        plan.put("grafts", 130);
        did("POST /api/graft-days", http.post("/api/graft-days", plan));
        String tomorrow = "/api/bench-days/" + http.today().plusDays(1);
        did("POST /api/bench-days/{day}/spread", http.post(tomorrow + "/spread", Map.of()));
    }

    private void noReadingSaysMillimetresWhereInchesAreRead() {
        List<String> readings = new ArrayList<>(paths());
        readings.removeIf(path -> path.matches(".*\\.(csv|ics|json)"));
        for (String path : readings) {
            assertThat(http.getIn("inch F floz", path).text()).as(path).doesNotContainPattern(RAW);
        }
        asked().forEach((path, form) -> assertThat(
                        http.postIn("decimal F floz", path, form).text())
                .as(path)
                .doesNotContainPattern(RAW));
        assertThat(http.get("/api/rules").text()).containsPattern("75 to 100 mm");
    }

    private void health() {
        did("POST /api/lineage/parents", http.post("/api/lineage/parents", Map.of("plantId", 6, "fromKey", "PLANT-5")));
        did(
                "POST /api/lineage/moves",
                http.post("/api/lineage/moves", Map.of("plantId", 2, "toSpotId", 2, "day", "" + today)));
        did("POST /api/tests", http.post("/api/tests", Http.tested("PLANT-5", "CLEAR", today.minusDays(100))));
        did("POST /api/recalls", http.post("/api/recalls", Http.tested("PLANT-5", "POSITIVE", today)));
        did(
                "POST /api/recalls/{id}/release",
                http.post("/api/recalls/1/release", Map.of("reason", "tested again", "keys", List.of("GRAFT-1"))));
        did("POST /api/acts/{id}/undo", undoLast());
        did("DELETE /api/tests/{id}", delete("/api/tests/1"));
        did("PUT /api/spots/{id}", http.put("/api/spots/1", Map.of("to", Map.of("name", "Long bench"), "version", 0)));
        did("PUT /api/spots/{id}/pots", http.put("/api/spots/1/pots", Map.of("litres", 1.5)));
        did("PUT /api/spots/{id}/house", http.put("/api/spots/2/house", Map.of("insectProof", true)));
        did("PUT /api/walk", http.put("/api/walk", Map.of("ids", backwards())));
    }

    private List<Long> backwards() {
        List<Long> ids = new ArrayList<>();
        http.get("/api/spots").json().forEach(spot -> ids.add(0, spot.get("id").asLong()));
        return ids;
    }

    private Http.Answer undoLast() {
        long act = http.get("/api/acts").json().get(0).get("id").asLong();
        steps.removeIf(step -> step.act == act);
        return http.post("/api/acts/" + act + "/undo", Map.of());
    }

    private void again() {
        JsonNode plant =
                http.get("/api/plants?search=AV-4").json().get("plants").get(0);
        Map<String, Object> entry = paste("", "SEEDLING_STOCK");
        entry.remove("lines");
        entry.putAll(Map.of(
                "code", "AV-44", "spotId", 2, "version", plant.get("version").asInt()));
        did("PUT /api/plants/{id}", http.put("/api/plants/4", entry));
        did("PUT /api/plants/spot", http.put("/api/plants/spot", Map.of("ids", List.of(3, 7), "spotId", 2)));
        same();
        long unread = http.get("/api/unread").json().get(0).get("id").asLong();
        did("POST /api/unread/{id}", http.post("/api/unread/" + unread, Map.of("becomes", "FIELD_TREE")));
        did(
                "POST /api/plants/{id}/gone",
                http.post("/api/plants/2/gone", Map.of("how", "SOLD", "to", "a neighbour", "withGrafts", true)));
        did("DELETE /api/shoots/{id}", delete("/api/shoots/1"));
        did("DELETE /api/sources/{id}", delete("/api/sources/1"));
        did("POST /api/lots/{id}/archive", http.post("/api/lots/2/archive", Map.of()));
        did("DELETE /api/graft-days/{planNo}", delete("/api/graft-days/1"));
        did("DELETE /api/weather/climate", delete("/api/weather/climate"));
        byte[] zip = http.get("/api/exchange/farm.zip").bytes();
        everythingIsTakenBack();
        devices();
        emptyFarm();
        compare("an empty farm");
        did("POST /api/exchange/farm.zip", http.file("/api/exchange/farm.zip", zip));
        String copy = http.post("/api/copies", "").json().at("/copies/0/name").asString();
        did("POST /api/people", http.post("/api/people", Map.of("name", "Runa")));
        did("POST /api/copies/{name}/back", http.post("/api/copies/" + copy + "/back", ""));
    }

    private void same() {
        Map<String, Object> other = renamed("Copper Anchors");
        other.putAll(Map.of("speciesKey", "mango", "version", 0));
        did("PUT /api/varieties/{id}", http.put("/api/varieties/2", other));
        other.putAll(Map.of("speciesKey", "avocado", "version", 1));
        did("PUT /api/varieties/{id}", http.put("/api/varieties/2", other));
        did("POST /api/people/{id}/same", http.post("/api/people/2/same", Map.of("as", 1)));
        did("POST /api/lots/{id}/same", http.post("/api/lots/1/same", Map.of("as", 2)));
        did("POST /api/plants/{id}/same", http.post("/api/plants/6/same", Map.of("as", 5)));
        did("POST /api/varieties/{id}/same", http.post("/api/varieties/2/same", Map.of("as", 1)));
        did("POST /api/spots/{id}/same", http.post("/api/spots/2/same", Map.of("as", 1)));
    }

    // Taken back is the switch; what a device has measured stays, so that these come when all else was taken back.
    private void devices() {
        emptyFarm();
        lastAct = 0;
        compared = false;
        site();
        places();
        weather();
        notes();
        http.post("/api/stores", Map.of("name", "Cold box", "method", "FRIDGE", "setC", 6));
        compared = true;
        did("PUT /api/stores/{id}/logger", http.put("/api/stores/1/logger", Map.of("on", true)));
        did("PUT /api/weather/station", http.put("/api/weather/station", Map.of("on", true)));
        clock(7);
        did("PUT /api/weather/climate", http.put("/api/weather/climate", Map.of("months", months(-4))));
        clock(-7);
        did("PUT /api/weather/station", http.put("/api/weather/station", Map.of("on", false)));
    }

    private Http.Answer delete(String path) {
        return http.send(http.request(path).DELETE());
    }

    private void did(String what, Http.Answer answer) {
        assertThat(answer.status()).as(what + ": " + answer.text()).isLessThan(300);
        boolean first = written.add(what);
        List<Long> acts = new ArrayList<>();
        http.get("/api/acts").json().forEach(act -> acts.add(0, act.get("id").asLong()));
        acts.removeIf(act -> act <= lastAct);
        assertThat(acts.isEmpty() || NO_ACTS.contains(what))
                .as(what + " is an act")
                .isEqualTo(NO_ACTS.contains(what));
        for (long act : acts) {
            steps.push(new Step(act, what, act == acts.get(0) && lastIsNow ? last : null, 0));
            lastAct = act;
        }
        // What a second write of the same way leaves stale shows at the next reading, or is made anew by it.
        lastIsNow = compared && first;
        if (lastIsNow) {
            compare(what);
        }
    }

    private void clock(int days) {
        did("POST /api/demo-clock", http.post("/api/demo-clock", Map.of("days", days)));
        steps.push(new Step(0, "a step of the clock", null, days));
    }

    /** Everything is taken back, the latest first; each time the farm reads as it did before. */
    private void everythingIsTakenBack() {
        while (!steps.isEmpty()) {
            Step step = steps.pop();
            if (step.days != 0) {
                Http.Answer back = http.post("/api/demo-clock", Map.of("days", -step.days));
                assertThat(back.json().get("takenBack").asInt()).isZero();
                continue;
            }
            Http.Answer undone = http.post("/api/acts/" + step.act + "/undo", Map.of());
            assertThat(undone.status()).as(step.what + ": " + undone.text()).isLessThan(300);
            if (step.before != null) {
                Map<String, String> now = read();
                List<String> other = new ArrayList<>();
                step.before.forEach((path, text) -> {
                    if (!Objects.equals(plain(text), plain(now.get(path)))) {
                        other.add(path + " was " + text + "\nand is " + now.get(path));
                    }
                });
                assertThat(other).as("taking back " + step.what).isEmpty();
            }
        }
    }

    // A calendar says when it was written, and a number of a code once given is not given again.
    private static String told(String path, String text) {
        if (path.endsWith(".ics")) {
            return text.replaceAll("(DTSTAMP|SEQUENCE):\\w+", "");
        }
        return path.startsWith("/api/grafts/next") ? text.replaceAll("\"code\":\"[^\"]*\"", "") : text;
    }

    private static @Nullable String plain(@Nullable String text) {
        return text == null ? null : TOLD_ANEW.matcher(text).replaceAll("");
    }

    private void compare(String after) {
        Map<String, String> warm = read();
        new TransactionTemplate(transactions)
                .executeWithoutResult(s -> listeners.forEach(l -> l.farmChanged(Change.everything())));
        changes.forgetAll();
        Map<String, String> cold = read();
        last = new LinkedHashMap<>(cold);
        last.remove("/api/acts");
        cold.forEach((path, text) ->
                assertThat(warm.get(path)).as(path + " after " + after).isEqualTo(text));
    }

    private Map<String, Object> read(String code) {
        return Map.of("code", code, "version", version(code));
    }

    private Map<String, String> read() {
        Map<String, String> answers = new LinkedHashMap<>();
        // Read by two at once, as farms are; not from the pool the farm itself reckons in.
        List<String> paths = paths();
        List<CompletableFuture<String>> read = paths.stream()
                .map(path -> CompletableFuture.supplyAsync(() -> told(path, http.text(path)), two))
                .toList();
        IntStream.range(0, paths.size())
                .forEach(i -> answers.put(paths.get(i), read.get(i).join()));
        asked().forEach((path, form) ->
                answers.put(path + " " + form, http.post(path, form).text()));
        return answers;
    }

    // Every reading of the API document, with what there is to be asked for.
    private List<String> paths() {
        List<String> paths = new ArrayList<>();
        if (readings.isEmpty()) {
            http.get("/api/openapi.json").json().get("paths").properties().forEach(path -> {
                if (path.getValue().has("get") && !NOT_COMPARED.containsKey("GET " + path.getKey())) {
                    readings.add(path.getKey());
                }
            });
        }
        readings.forEach(path -> paths.addAll(filled(path)));
        return paths;
    }

    private List<String> filled(String path) {
        return switch (path) {
            // A mother that is watched, one that is not, a stock.
            case "/api/flush/plants/{code}" ->
                each("/api/plants?search=-", "plants", "code", path).stream()
                        .filter(one -> one.matches(".*/(PB-M1|PB-M2|AV-2)"))
                        .toList();
            case "/api/along" -> List.of(path + "?of=/api/rounds&of=/api/lots");
            case "/api/grafts/{code}/pictures" -> List.of(path.replace("{code}", "PB-26-002"));
            case "/api/trials/{id}/grafts" -> List.of("/api/trials/2/grafts");
            case "/api/trials/aspects" -> List.of("/api/trials/aspects?species=avocado");
            case "/api/causes/{code}" -> List.of("/api/causes/PB-26-001");
            case "/api/trees/{code}" -> List.of("/api/trees/AV-2");
            case "/api/pictures/{id}" -> List.of("/api/pictures/1");
            case "/api/bench-days/{day}" -> List.of("/api/bench-days/" + http.today());
            case "/api/bench-days/{day}/ahead" -> List.of("/api/bench-days/" + http.today() + "/ahead?personId=1");
            case "/api/stick-checks/looks" -> List.of(path + "?speciesKey=mango&cut=false");
            case "/api/fit/limbs/{code}" -> List.of(path.replace("{code}", "PB-M2"), path.replace("{code}", "PB-M1"));
            case "/api/fit/stems/{id}" -> List.of("/api/fit/stems/1", "/api/fit/stems/3");
            case "/api/grafts/{code}" -> each("/api/grafts", "grafts", "code", path);
            case "/api/grafts/{code}/waiting" ->
                each("/api/grafts", "grafts", "code", path).stream().limit(3).toList();
            case "/api/lots/{code}" -> each("/api/lots", "lots", "code", path);
            case "/api/recalls/{id}" -> List.of("/api/recalls/1");
            case "/api/lineage/{key}" ->
                List.of("PLANT-1", "PLANT-5", "PLANT-6", "LOT-1", "GRAFT-1", "SOURCE-1").stream()
                        .map(key -> "/api/lineage/" + key)
                        .toList();
            case "/api/grafts/find" -> List.of(path + "?q=PB", path + "?q=Bench");
            case "/api/grafts/free-stems" -> List.of(path + "?speciesKey=avocado");
            case "/api/grafts/next" -> List.of(path, path + "?varietyId=1");
            case "/api/grafts/schools" -> List.of(path + "?speciesKey=avocado&techniqueKey=cleft");
            case "/api/takes.csv" -> List.of(path + "?by=maker");
            case "/api/takes" -> List.of(path, path + "?by=maker", path + "?by=source", path + "?part=0301-0531");
            case "/api/takes/by" -> List.of(path + "?first=maker&then=woodAge", path + "?first=stage&part=0301-0531");
            case "/api/takes/by/push" -> List.of(path + "?first=technique&kind=cleft");
            case "/api/takes/by/grafts" -> List.of(path + "?first=technique&kind=cleft");
            case "/api/takes/duel" -> List.of(path + "?by=technique&a=cleft&b=whip");
            case "/api/takes/push" -> List.of(path + "?speciesKey=avocado&calendar=true");
            case "/api/tests" -> List.of(path + "?key=PLANT-5");
            case "/api/weather/days" -> List.of(path + "?from=2026-04-01&to=2026-06-30");
            case "/api/windows/days" -> List.of(path + "?spotId=1&stockSpecies=avocado&varietyId=1");
            default -> List.of(path);
        };
    }

    private List<String> each(String list, String field, String name, String path) {
        List<String> paths = new ArrayList<>();
        http.get(list).json().get(field).forEach(one -> {
            JsonNode code = one.has(name) ? one.get(name) : one.get("lot").get(name);
            paths.add(path.replace("{" + name + "}", code.asString()));
        });
        return paths;
    }

    private Map<String, Object> asked() {
        if (today == null || http.get("/api/varieties").json().size() == 0) {
            return Map.of();
        }
        Map<String, Object> asked = new LinkedHashMap<>();
        asked.put("/api/graft-days/look", plan(20));
        asked.put("/api/recalls/preview", Http.tested("PLANT-5", "SUSPECT", today));
        asked.put("/api/grafts/check", Http.graftOf(1, "cleft", today, 4));
        Map<String, Object> seen = Map.of("lotId", 1, "states", Map.of("bark", "TAUT"), "measures", Map.of());
        asked.put("/api/stick-checks/judge", seen);
        asked.put("/api/cleaning/plan", Map.of("agent", "BLEACH", "productPct", 5, "volumeMl", 500, "personId", 1));
        Map<String, Object> on =
                new HashMap<>(Map.of("scionSpecies", "avocado", "stockSpecies", "avocado", "makerId", 1));
        on.putAll(Map.of("slips", "UNKNOWN", "wood", "STICK", "growth", "ACTIVE", "keepTop", false, "buds", 3));
        asked.put("/api/fit/techniques", Map.of("scionMm", 8, "stockMm", 9, "on", on));
        return asked;
    }

    private void everythingHadItsTurn() {
        Set<String> ways = new TreeSet<>();
        http.get("/api/openapi.json")
                .json()
                .get("paths")
                .properties()
                .forEach(path -> path.getValue()
                        .properties()
                        .forEach(way ->
                                ways.add(way.getKey().toUpperCase(java.util.Locale.ROOT) + " " + path.getKey())));
        ways.removeIf(way -> way.startsWith("GET "));
        ways.removeAll(ASKS);
        assertThat(written).as("a new way to write needs its turn in this test").isEqualTo(ways);
        assertThat(readings).hasSizeGreaterThan(40);
    }
}
