package baylantern.app;

import static org.assertj.core.api.Assertions.assertThat;

import baylantern.app.platform.TableVault;
import biweekly.Biweekly;
import biweekly.ICalVersion;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

class ExchangeApiTest extends ApiTest {

    static Map<String, String> tables(byte[] zip) throws IOException {
        Map<String, String> found = new TreeMap<>();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
            for (var entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                found.put(entry.getName(), new String(in.readAllBytes(), java.nio.charset.StandardCharsets.UTF_8));
            }
        }
        return found;
    }

    // The manifest as a version wrote it, without tables it did not have.
    private static void told(Map<String, String> files, int version, String... without) {
        files.compute(
                "manifest.json",
                (name, json) -> json.replaceFirst("\"version\" : \\d+", "\"version\" : " + version)
                        .replaceAll("\"(" + String.join("|", without) + ")\" : \\d+,\\s*", ""));
    }

    // What the ninth version wrote: no graft day laid out.
    private static Map<String, String> ofVersionNine(byte[] zip) throws IOException {
        Map<String, String> files = tables(zip);
        String[] days = {"day_frame", "day_hand", "day_turn", "day_job", "day_made", "day_label", "bench_habit"};
        for (String table : days) {
            files.remove(table + ".csv");
        }
        told(files, 9, days);
        return files;
    }

    // What the eighth version wrote: nothing of which numbers were given.
    private static Map<String, String> ofVersionEight(byte[] zip) throws IOException {
        Map<String, String> files = ofVersionNine(zip);
        files.remove("place_number.csv");
        told(files, 8, "place_number");
        return files;
    }

    // What the seventh version wrote: nothing set aside, and no text marked for spreadsheets.
    private static Map<String, String> ofVersionSeven(byte[] zip) throws IOException {
        Map<String, String> files = ofVersionEight(zip);
        files.remove("sound_unread.csv");
        told(files, 7, "sound_unread");
        return files;
    }

    // What the sixth version wrote: nothing put away, and nobody asked for a hand tool.
    private static Map<String, String> ofVersionSix(byte[] zip) throws IOException {
        Map<String, String> files = ofVersionSeven(zip);
        files.remove("place_away.csv");
        files.compute(
                "place_site.csv",
                (name, csv) ->
                        csv.replace(",\"hand_tool\"", "").replaceAll(",(\"(?i:true|false)\"|\\\\N)\r\n", "\r\n"));
        told(files, 6, "place_away");
        return files;
    }

    // What the fifth version wrote: acts without what rows were before them.
    private static Map<String, String> ofVersionFive(byte[] zip) throws IOException {
        Map<String, String> files = ofVersionSix(zip);
        files.remove("house_trail.csv");
        told(files, 5, "house_trail");
        return files;
    }

    // What the fourth version wrote: graft days under another name, and acts without who did them.
    private static Map<String, String> ofVersionFour(byte[] zip) throws IOException {
        Map<String, String> files = ofVersionFive(zip);
        files.put("bench_day.csv", files.remove("day_plan.csv"));
        files.compute(
                "house_act.csv",
                (name, csv) -> csv.replace(",\"person_id\"", "").replaceAll(",(\"\\d+\"|\\\\N)\r\n", "\r\n"));
        files.compute(
                "manifest.json",
                (name, json) -> json.replaceFirst("\"version\" : \\d", "\"version\" : 4")
                        .replace("\"day_plan\"", "\"bench_day\""));
        return files;
    }

    // What the third version wrote: nothing of fit, and grafts without the fit they were made with.
    private static Map<String, String> ofVersionThree(byte[] zip) throws IOException {
        Map<String, String> files = ofVersionFour(zip);
        files.keySet().removeIf(name -> name.startsWith("fit_"));
        files.computeIfPresent(
                "bench_graft.csv", (name, csv) -> csv.replaceAll("(,(\"[^\"]*\"|\\\\N)){7}\r\n", "\r\n"));
        told(files, 3, "fit_\\w+");
        return files;
    }

    // What the second version wrote: no wood and no lineage.
    private static Map<String, String> ofVersionTwo(byte[] zip) throws IOException {
        Map<String, String> files = ofVersionThree(zip);
        files.keySet().removeIf(name -> name.matches("(lineage|wood)_.*"));
        files.computeIfPresent("place_spot.csv", (name, csv) -> csv.replaceAll(",\"(insect_proof|FALSE)\"", ""));
        files.computeIfPresent(
                "bench_graft.csv",
                (name, csv) -> csv.replace(",\"lot_id\",\"made_at\",\"wood_used\"", "")
                        .replaceAll(",\\\\N,[^,]*,\\\\N\r\n", "\r\n"));
        told(files, 2, "(lineage|wood)_\\w+");
        return files;
    }

    // What the first version wrote: fewer tables still, and plants without their day of removal.
    private static Map<String, String> ofVersionOne(byte[] zip) throws IOException {
        Map<String, String> files = ofVersionTwo(zip);
        files.keySet().removeIf(name -> name.matches("season_.*|bench_day.*"));
        files.compute(
                "place_plant.csv",
                (name, csv) ->
                        csv.replace(",\"removed_on\",\"removed_by\"", "").replaceAll(",\\\\N,\\\\N\r\n", "\r\n"));
        files.compute(
                "manifest.json",
                (name, json) -> json.replaceFirst("\"version\" : 2", "\"version\" : 1")
                        .replaceAll("\"(season_\\w+|bench_day)\" : \\d+,\\s*", ""));
        return files;
    }

    private static byte[] zipped(Map<String, String> files) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream out = new ZipOutputStream(bytes)) {
            for (var file : files.entrySet()) {
                out.putNextEntry(new ZipEntry(file.getKey()));
                out.write(file.getValue().getBytes(java.nio.charset.StandardCharsets.UTF_8));
            }
        }
        return bytes.toByteArray();
    }

    @Test
    void aFarmTakenOutWhenGraftDaysHadAnotherNameStillComesIn() throws IOException {
        http.smallFarm();
        Map<String, Object> plan =
                new java.util.HashMap<>(Map.of("spotId", 1, "speciesKey", "avocado", "varietyId", 1));
        plan.putAll(Map.of(
                "techniqueKey",
                "cleft",
                "grafts",
                4,
                "day",
                http.today().plusDays(9).toString()));
        http.post("/api/graft-days", plan);
        byte[] old = zipped(ofVersionFour(http.get("/api/exchange/farm.zip").bytes()));
        emptyFarm();
        Http.Answer brought = http.file("/api/exchange/farm.zip", old);
        assertThat(brought.status()).as(brought.text()).isEqualTo(200);
        assertThat(http.get("/api/graft-days").json().get(0).get("grafts").asInt())
                .isEqualTo(4);
        assertThat(http.get("/api/acts").json().get(0).get("sentence").asString())
                .contains("4 Pale Buoy planned");
    }

    @Test
    void aFarmOfAnOlderVersionComesInAndOneOfTodayTakesBackWhatWasDoneBefore() throws IOException {
        http.smallFarm();
        http.post("/api/people", Map.of("name", "Solveig"));
        long id = http.get("/api/people").json().get(0).get("id").asLong();
        String name = http.get("/api/people").json().get(0).get("name").asString();
        http.put("/api/people/" + id, Map.of("to", Map.of("name", "Solveig by the sea"), "version", 0));
        byte[] zip = http.get("/api/exchange/farm.zip").bytes();
        for (Map<String, String> files : List.of(
                ofVersionFive(zip), ofVersionSix(zip), ofVersionSeven(zip), ofVersionEight(zip), ofVersionNine(zip))) {
            emptyFarm();
            Http.Answer old = http.file("/api/exchange/farm.zip", zipped(files));
            assertThat(old.status()).as(old.text()).isEqualTo(200);
            assertThat(http.get("/api/farm").json().get("site").get("name").asString())
                    .isEqualTo("Gull Steps");
        }
        emptyFarm();
        assertThat(http.file("/api/exchange/farm.zip", zip).status()).isEqualTo(200);
        long act = http.get("/api/acts").json().get(0).get("id").asLong();
        assertThat(http.post("/api/acts/" + act + "/undo", Map.of()).status()).isEqualTo(200);
        assertThat(http.get("/api/people").json().get(0).get("name").asString()).isEqualTo(name);
    }

    @Test
    void codesKeptForGraftsToBeComeAlongAndAreGivenToNobodyElse() {
        http.smallFarm();
        Map<String, Object> plan =
                new java.util.HashMap<>(Map.of("spotId", 1, "speciesKey", "avocado", "varietyId", 1));
        plan.putAll(Map.of("techniqueKey", "cleft", "grafts", 3, "day", "" + http.today()));
        http.post("/api/graft-days", plan);
        String kept = ""
                + http.post("/api/bench-days/" + http.today() + "/labels", Map.of())
                        .json()
                        .get("codes");
        byte[] zip = http.get("/api/exchange/farm.zip").bytes();
        emptyFarm();
        assertThat(http.file("/api/exchange/farm.zip", zip).status()).isEqualTo(200);
        JsonNode again = http.post("/api/bench-days/" + http.today() + "/labels", Map.of())
                .json();
        assertThat("" + again.get("codes")).isEqualTo(kept);
        Http.Answer logged = http.cleft(0, 1);
        assertThat(kept).doesNotContain(logged.json().get("codes").get(0).asString());
    }

    @Test
    void aFarmTakenOutBeforeThereWasFitStillComesIn() throws IOException {
        http.smallFarm();
        http.cleft(9, 1);
        byte[] old = zipped(ofVersionThree(http.get("/api/exchange/farm.zip").bytes()));
        emptyFarm();
        Http.Answer brought = http.file("/api/exchange/farm.zip", old);
        assertThat(brought.status()).as(brought.text()).isEqualTo(200);
        assertThat(http.get("/api/fit/lists").json().size()).isZero();
        JsonNode graft = http.get("/api/grafts").json().get("grafts").get(0);
        assertThat(graft.get("scionMm").asDouble()).isEqualTo(8.0);
        assertThat(graft.get("fitMet")).isNull();
    }

    @Test
    void aFarmTakenOutBeforeThereWasWoodStillComesIn() throws IOException {
        http.smallFarm();
        http.cleft(9, 1);
        http.post("/api/flush/notes", Map.of("plantIds", java.util.List.of(1), "sun", "S"));
        byte[] old = zipped(ofVersionTwo(http.get("/api/exchange/farm.zip").bytes()));
        emptyFarm();
        Http.Answer brought = http.file("/api/exchange/farm.zip", old);
        assertThat(brought.status()).as(brought.text()).isEqualTo(200);
        assertThat(http.get("/api/flush").json().get("lanes").size()).isEqualTo(1);
        assertThat(http.get("/api/lots").json().get("lots").size()).isZero();
        assertThat(http.get("/api/spots").json().get(0).get("insectProof").asBoolean())
                .isFalse();
        assertThat(http.get("/api/grafts").json().get("total").asInt()).isEqualTo(1);
    }

    @Test
    void aFarmTakenOutBeforeThereWasWeatherStillComesIn() throws IOException {
        http.smallFarm();
        http.cleft(9, 1);
        byte[] old = zipped(ofVersionOne(http.get("/api/exchange/farm.zip").bytes()));
        emptyFarm();
        Http.Answer brought = http.file("/api/exchange/farm.zip", old);
        assertThat(brought.status()).as(brought.text()).isEqualTo(200);
        assertThat(http.get("/api/plants").json().get("total").asInt()).isEqualTo(3);
        assertThat(http.get("/api/flush").json().get("lanes").size()).isZero();
    }

    @Test
    void theWholeFarmGoesOutAndComesBackEqual() throws IOException {
        http.smallFarm();
        http.post("/api/varieties", Map.of("speciesKey", "fig", "name", "Odd, \"quoted\"\nŐ", "notes", "\\N and ''"));
        String code = http.cleft(9, 1, 2).json().get("codes").get(0).asString();
        http.look(code, "GREEN");
        byte[] out = http.get("/api/exchange/farm.zip").bytes();
        assertThat(tables(out)).containsKey("manifest.json").hasSize(1 + TableVault.TABLES.size());

        Http.Answer onTop = http.file("/api/exchange/farm.zip", out);
        assertThat(onTop.status()).isEqualTo(409);
        emptyFarm();
        assertThat(http.file("/api/exchange/farm.zip", out).status()).isEqualTo(200);
        assertThat(tables(http.get("/api/exchange/farm.zip").bytes())).isEqualTo(tables(out));
        // The farm works on: the next code and the next look are as they would have been.
        assertThat(http.cleft(0, 3).json().get("codes").get(0).asString()).endsWith("003");
        assertThat(http.look(code, "SWELLING").status()).isEqualTo(200);
    }

    @Test
    void aFarmIsJudgedAsIfItWereTyped() throws IOException {
        http.smallFarm();
        String code = http.cleft(9, 1).json().get("codes").get(0).asString();
        http.look(code, "GREEN");
        http.put(
                "/api/site",
                Map.of(
                        "name",
                        "Gull Steps",
                        "latitudeDeg",
                        28,
                        "longitudeDeg",
                        12,
                        "altitudeM",
                        4,
                        "zone",
                        "UTC",
                        "version",
                        0));
        http.post("/api/lineage/parents", Map.of("plantId", 1, "fromKey", "PLANT-2"));
        byte[] zip = http.get("/api/exchange/farm.zip").bytes();
        // What is changed in which file, and what is said of it.
        String[][] wrong = {
            {"place_site.csv", "\"28.0\"", "\"999\"", "line 2, latitude_deg: \"999\" – is from −90 to 90 degrees"},
            {"place_variety.csv", "\"avocado\"", "\"pebble\"", "line 2, species_key: \"pebble\" – is none of "},
            {"place_plant.csv", "\"SEEDLING_STOCK\"", "\"SHRUB\"", "line 2, kind: \"SHRUB\""},
            {"bench_graft.csv", "\"cleft\"", "\"glue\"", "line 2, technique_key: \"glue\""},
            {"care_look.csv", "\"GREEN\"", "\"BLUE\"", "line 2, sign: \"BLUE\""},
            {
                "care_look.csv",
                "\\d{4}-\\d\\d-\\d\\d\"",
                "9999-01-01\"",
                "line 2, seen_on: \"9999-01-01\" – is no day a farm has"
            },
            {"place_stem.csv", "\"1\",\"1\",", "\"1\",\"77\",", "line 2, plant_id: \"77\" – names no row of place_plant"
            },
            {"lineage_parent.csv", "PLANT-2", "PLANT-77", "line 2, from_key: \"PLANT-77\" – names no row of place_plant"
            },
            {"house_act.csv", ",\"(TRUE|FALSE)\"", ",\"perhaps\"", "line 2, undone: \"perhaps\""},
        };
        for (String[] one : wrong) {
            emptyFarm();
            Map<String, String> files = tables(zip);
            files.computeIfPresent(one[0], (name, csv) -> csv.replaceFirst(one[1], one[2]));
            Http.Answer refused = http.file("/api/exchange/farm.zip", zipped(files));
            assertThat(refused.status()).as(one[3] + refused.text()).isEqualTo(422);
            assertThat(refused.json().get("detail").asString()).contains(one[0] + ", " + one[3]);
            assertThat(http.get("/api/farm").json().has("site")).isFalse();
        }
    }

    @Test
    void whatATrailWouldWriteBackIsJudgedToo() throws IOException {
        http.smallFarm();
        http.post("/api/people", Map.of("name", "Solveig"));
        Map<String, String> files = tables(http.get("/api/exchange/farm.zip").bytes());
        files.computeIfPresent(
                "house_trail.csv",
                (name, csv) -> csv.replaceFirst("\"place_person\"", "\"place_person; DROP TABLE x\""));
        emptyFarm();
        Http.Answer refused = http.file("/api/exchange/farm.zip", zipped(files));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.text()).contains("it tells of a table");
        stored("INSERT INTO sound_unread (table_name, row_id, column_name, was)"
                + " VALUES ('place_plant', 1, 'kind = ''X'', code', 'SHRUB')");
        Http.Answer again = http.file("/api/exchange/farm.zip", zipped(files));
        assertThat(again.status()).isEqualTo(409);
        byte[] odd = http.get("/api/exchange/farm.zip").bytes();
        emptyFarm();
        assertThat(http.file("/api/exchange/farm.zip", odd).text()).contains("it tells of a column");
    }

    @Test
    void textsASpreadsheetWouldReckonOutAreHarmlessAndComeBack() throws IOException {
        http.smallFarm();
        String name = "=HYPERLINK(A1)";
        http.post("/api/people", Map.of("name", name));
        long maker = http.get("/api/people")
                .json()
                .valueStream()
                .filter(person -> person.get("name").asString().equals(name))
                .findFirst()
                .orElseThrow()
                .get("id")
                .asLong();
        stored("UPDATE bench_graft SET maker_id = " + maker);
        http.cleft(9, 1);
        stored("UPDATE bench_graft SET notes = '-2+3', maker_id = " + maker);
        assertThat(http.get("/api/exchange/grafts.csv").text())
                .contains("'" + name)
                .contains("'-2+3");
        byte[] zip = http.get("/api/exchange/farm.zip").bytes();
        assertThat(tables(zip).values()).noneMatch(csv -> csv.matches("(?s).*(^|,|\n)\"?[=@].*"));
        emptyFarm();
        assertThat(http.file("/api/exchange/farm.zip", zip).status()).isEqualTo(200);
        assertThat(http.get("/api/people").text()).contains("\"" + name + "\"");
    }

    // Small as it comes, and endless once it is unpacked: one cell, or many rows.
    private static byte[] swollen(String filling, int times) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream out = new ZipOutputStream(bytes)) {
            out.putNextEntry(new ZipEntry("place_person.csv"));
            byte[] some = filling.repeat(1 << 16).getBytes(java.nio.charset.StandardCharsets.UTF_8);
            for (int i = 0; i < times; i++) {
                out.write(some);
            }
        }
        return bytes.toByteArray();
    }

    @Test
    void zipsThatSwellNamesThatLeadAwayAndFilesTwiceAreRefused() throws IOException {
        Http.Answer cell = http.file("/api/exchange/farm.zip", swollen("x", 2_000));
        assertThat(cell.status()).isEqualTo(413);
        assertThat(cell.text()).contains("no farm holds that");
        assertThat(http.file("/api/exchange/farm.zip", zipped(Map.of("../manifest.json", "{}")))
                        .status())
                .isEqualTo(422);
        String tomorrow = "{\"format\":\"bay-lantern-farm\",\"version\":99,\"rows\":{}}";
        assertThat(http.file("/api/exchange/farm.zip", zipped(Map.of("manifest.json", tomorrow)))
                        .text())
                .contains("another version");
        Map<String, String> twice = new TreeMap<>(Map.of("bench_day.csv", "", "day_plan.csv", ""));
        assertThat(http.file("/api/exchange/farm.zip", zipped(twice)).text()).contains("twice");
        assertThat(http.get("/api/farm").json().has("site")).isFalse();
    }

    @Test
    void aCutZipBringsNothingIn() throws IOException {
        http.smallFarm();
        byte[] out = http.get("/api/exchange/farm.zip").bytes();
        emptyFarm();
        Http.Answer cut = http.file("/api/exchange/farm.zip", java.util.Arrays.copyOf(out, out.length / 3));
        assertThat(cut.status()).isBetween(400, 499);
        assertThat(http.get("/api/farm").json().has("site")).isFalse();
    }

    @Test
    void visitsAreAValidCalendar() {
        http.smallFarm();
        http.cleft(2, 1, 2);
        String text = http.get("/api/exchange/visits.ics").text();
        assertThat(text).contains("\r\n");
        assertThat(text.lines())
                .allSatisfy(line -> assertThat(line.getBytes(java.nio.charset.StandardCharsets.UTF_8))
                        .hasSizeLessThanOrEqualTo(75));
        ICalendar calendar = Biweekly.parse(text).first();
        assertThat(calendar.validate(ICalVersion.V2_0).isEmpty()).isTrue();
        assertThat(calendar.getEvents())
                .hasSizeGreaterThan(3)
                .allSatisfy(
                        e -> assertThat(e.getSummary().getValue()).matches("(Bench: |Walk, about |No walk needed).*"));
        assertThat(calendar.getEvents()).extracting(e -> e.getUid().getValue()).doesNotHaveDuplicates();
    }

    /** A reader that keeps events by their name, as calendars do, sees a moved visit at one place only. */
    @Test
    void aMovedVisitIsTheSameEventOnAnotherDay() {
        http.smallFarm();
        String first = http.cleft(4, 1, 2, 3).json().get("codes").get(0).asString();
        Map<String, VEvent> before = events();
        assertThat(http.look(first, "DEAD").status()).isEqualTo(200);
        Map<String, VEvent> looked = events();
        assertThat(looked.keySet()).isEqualTo(before.keySet());
        assertThat(http.put("/api/weather/climate", Map.of("months", colder())).status())
                .isEqualTo(200);
        Map<String, VEvent> after = events();
        assertThat(after.keySet()).isEqualTo(looked.keySet());
        assertThat(after.values())
                .anySatisfy(event -> assertThat(start(event))
                        .isNotEqualTo(start(looked.get(event.getUid().getValue()))));
        assertThat(after.values())
                .allSatisfy(event -> assertThat(event.getSequence().getValue())
                        .isGreaterThanOrEqualTo(before.get(event.getUid().getValue())
                                .getSequence()
                                .getValue()));
    }

    private JsonNode colder() {
        JsonNode months = http.get("/api/weather").json().get("climate").deepCopy();
        for (JsonNode month : months) {
            ((ObjectNode) month).put("minC", month.get("minC").asDouble() - 6);
            ((ObjectNode) month).put("maxC", month.get("maxC").asDouble() - 6);
        }
        return months;
    }

    private static java.util.Date start(VEvent event) {
        return event.getDateStart().getValue();
    }

    private Map<String, VEvent> events() {
        Map<String, VEvent> events = new TreeMap<>();
        String text = http.get("/api/exchange/visits.ics").text();
        Biweekly.parse(text)
                .first()
                .getEvents()
                .forEach(e -> events.put(e.getUid().getValue(), e));
        return events;
    }

    @Test
    void everyGraftStandsInTheCsv() {
        http.smallFarm();
        http.cleft(2, 1, 2, 3);
        assertThat(http.get("/api/exchange/grafts.csv").text().lines())
                .hasSize(4)
                .first()
                .asString()
                .startsWith("code,made_on,species");
    }
}
