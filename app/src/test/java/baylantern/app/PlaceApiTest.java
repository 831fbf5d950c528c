package baylantern.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Site, places, people and plants. */
class PlaceApiTest extends ApiTest {

    @Test
    void anEmptyFarmKnowsThatItIsEmpty() {
        JsonNode farm = http.get("/api/farm").json();
        assertThat(farm.has("site")).isFalse();
        assertThat(farm.get("plants").asInt()
                        + farm.get("grafts").asInt()
                        + farm.get("varieties").asInt())
                .isZero();
        assertThat(http.get("/api/today").json().get("due").asInt()).isZero();
        assertThat(http.get("/api/takes").json().get("groups").size()).isZero();
        assertThat(http.get("/api/exchange/visits.ics").status()).isEqualTo(200);
    }

    @Test
    void theSeasonIsNamedForTheSite() {
        http.smallFarm();
        String south = http.get("/api/farm").json().get("season").asString();
        http.put(
                "/api/site",
                Map.of(
                        "name",
                        "North",
                        "latitudeDeg",
                        28.5,
                        "longitudeDeg",
                        12,
                        "altitudeM",
                        40,
                        "zone",
                        "UTC",
                        "version",
                        0));
        String north = http.get("/api/farm").json().get("season").asString();
        assertThat(List.of("spring autumn", "autumn spring", "summer winter", "winter summer"))
                .contains(south.split(" ")[0] + " " + north.split(" ")[0]);
    }

    @Test
    void twoWhoMoveTheSiteAreToldApart() {
        http.smallFarm();
        Map<String, Object> site = Map.of(
                "name", "New name", "latitudeDeg", 1, "longitudeDeg", 2, "altitudeM", 3, "zone", "UTC", "version", 0);
        assertThat(http.put("/api/site", site).json().get("version").asInt()).isEqualTo(1);
        assertThat(http.put("/api/site", site).status()).isEqualTo(409);
        Http.Answer zone = http.put(
                "/api/site",
                Map.of(
                        "name",
                        "X",
                        "latitudeDeg",
                        1,
                        "longitudeDeg",
                        2,
                        "altitudeM",
                        3,
                        "zone",
                        "Sea/Nowhere",
                        "version",
                        1));
        assertThat(zone.status()).isEqualTo(422);
        assertThat(zone.json().get("fields").get(0).get("field").asString()).isEqualTo("zone");
    }

    @Test
    void theWalkIsOrderedWholeOrNotAtAll() {
        http.smallFarm();
        http.post("/api/spots", Map.of("name", "Orchard"));
        http.post("/api/spots", Map.of("name", "Shed"));
        JsonNode walk = http.put("/api/walk", Map.of("ids", List.of(3, 1, 2))).json();
        assertThat(walk.findValuesAsString("name")).containsExactly("Shed", "Bench", "Orchard");
        assertThat(http.put("/api/walk", Map.of("ids", List.of(3, 1))).status()).isEqualTo(422);
        assertThat(http.get("/api/spots").json().findValuesAsString("name"))
                .containsExactly("Shed", "Bench", "Orchard");
        JsonNode renamed = http.put("/api/spots/1", Map.of("to", Map.of("name", "Long bench"), "version", 0))
                .json();
        assertThat(renamed.get("name").asString()).isEqualTo("Long bench");
        assertThat(http.put("/api/spots/1", Map.of("to", Map.of("name", "Other"), "version", 0))
                        .status())
                .isEqualTo(409);
    }

    @Test
    void whoLeftIsPutAwayOnceAndComesBack() {
        http.smallFarm();
        Map<String, Object> ingmar = Map.of("kind", "PERSON", "id", 1);
        assertThat(http.post("/api/away", ingmar).json().get(0))
                .isEqualTo(http.get("/api/away").json().get(0));
        Http.Answer again = http.post("/api/away", ingmar);
        assertThat(again.status()).isEqualTo(409);
        assertThat(again.json().get("detail").asString()).isEqualTo("Ingmar is put away already.");
        assertThat(http.get("/api/people").json().size()).isEqualTo(1);
        assertThat(http.send(http.request("/api/away/PERSON/1").DELETE()).status())
                .isEqualTo(200);
        assertThat(http.get("/api/away").json().size()).isZero();
        assertThat(http.send(http.request("/api/away/PERSON/1").DELETE()).status())
                .isEqualTo(409);
        assertThat(http.post("/api/away", Map.of("kind", "VARIETY", "id", 77)).status())
                .isEqualTo(404);
    }

    @Test
    void namesAreGivenOnce() {
        http.smallFarm();
        assertThat(http.post("/api/people", Map.of("name", "Ingmar")).status()).isEqualTo(409);
        assertThat(http.post("/api/spots", Map.of("name", "Bench")).status()).isEqualTo(409);
        assertThat(http.post("/api/people", Map.of("name", "  ")).status()).isEqualTo(422);
        Http.Answer variety = http.post("/api/varieties", Map.of("speciesKey", "avocado", "name", "pale buoy"));
        assertThat(variety.json().get("detail").asString()).contains("already");
        assertThat(http.post("/api/varieties", Map.of("speciesKey", "fig", "name", "Pale Buoy"))
                        .json()
                        .get("letters")
                        .asString())
                .isNotEqualTo("PB");
    }

    @Test
    void aVarietysMonthsAndVigourAreChecked() {
        assertThat(http.post("/api/varieties", Map.of("speciesKey", "fig", "name", "A", "harvestMonths", "7,13"))
                        .status())
                .isEqualTo(422);
        Http.Answer vigour = http.post("/api/varieties", Map.of("speciesKey", "fig", "name", "A", "vigour", 6));
        assertThat(vigour.json().get("fields").get(0).get("valid").asString()).isEqualTo("is 1 to 5");
        JsonNode good = http.post(
                        "/api/varieties",
                        Map.of("speciesKey", "fig", "name", "A", "harvestMonths", "7,12", "vigour", 5))
                .json();
        assertThat(good.get("harvestMonths").asString()).isEqualTo("7,12");
    }

    @Test
    void pastedPlantsComeAllOrNone() {
        http.smallFarm();
        Map<String, Object> twice =
                Map.of("lines", "CT-1 8\nCT-1 9", "speciesKey", "citrus", "kind", "SEEDLING_STOCK", "spotId", 1);
        assertThat(http.post("/api/plants/paste", twice).json().get("detail").asString())
                .contains("twice");
        Map<String, Object> there =
                Map.of("lines", "CT-1 8\nAV-1 9", "speciesKey", "citrus", "kind", "SEEDLING_STOCK", "spotId", 1);
        assertThat(http.post("/api/plants/paste", there).json().get("detail").asString())
                .contains("AV-1");
        Map<String, Object> thick =
                Map.of("lines", "CT-1 800", "speciesKey", "citrus", "kind", "SEEDLING_STOCK", "spotId", 1);
        assertThat(http.post("/api/plants/paste", thick)
                        .json()
                        .get("fields")
                        .get(0)
                        .get("valid")
                        .asString())
                .isEqualTo("0.5 to 500 mm");
        Map<String, Object> nowhere =
                Map.of("lines", "CT-1", "speciesKey", "citrus", "kind", "SEEDLING_STOCK", "spotId", 9);
        assertThat(http.post("/api/plants/paste", nowhere).status()).isEqualTo(422);
        assertThat(http.get("/api/plants").json().get("total").asInt()).isEqualTo(3);
    }

    @Test
    void aPlantWithSeveralStemsCarriesSeveralGrafts() {
        http.smallFarm();
        JsonNode tree = http.post(
                        "/api/plants",
                        Map.of(
                                "code",
                                "OLD-1",
                                "speciesKey",
                                "avocado",
                                "kind",
                                "FIELD_TREE",
                                "spotId",
                                1,
                                "startedOn",
                                "2015-04-01",
                                "stems",
                                List.of(
                                        Map.of("label", "north", "diameterMm", 30),
                                        Map.of("label", "south", "diameterMm", 34))))
                .json();
        assertThat(tree.get("kind").asString()).isEqualTo("FIELD_TREE");
        JsonNode stems = http.get("/api/plants?search=old-1").json().get("stems");
        assertThat(stems.findValuesAsString("label")).containsExactly("north", "south");
        assertThat(http.cleft(
                                1,
                                stems.get(0).get("id").asLong(),
                                stems.get(1).get("id").asLong())
                        .status())
                .isEqualTo(200);
        JsonNode free =
                http.get("/api/grafts/free-stems?speciesKey=avocado&search=OLD").json();
        assertThat(free.size()).isZero();
    }

    @Test
    void aPastedLineHoldsStemsAndHeight() {
        http.smallFarm();
        Map<String, Object> paste = Map.of(
                "lines",
                "CT-1 8,5+9 210",
                "speciesKey",
                "citrus",
                "kind",
                "SEEDLING_STOCK",
                "spotId",
                1,
                "startedOn",
                "2024-03-01");
        assertThat(http.post("/api/plants/paste", paste).status()).isEqualTo(200);
        JsonNode list = http.get("/api/plants?search=CT-1").json();
        assertThat(list.get("plants").get(0).get("startedOn").asString()).isEqualTo("2024-03-01");
        assertThat(list.get("stems").findValuesAsString("diameterMm")).containsExactly("8.5", "9.0");
        assertThat(list.get("stems").get(1).get("heightMm").asDouble()).isEqualTo(210);
    }

    @Test
    void aPlantIsChangedByOneAtATime() {
        http.smallFarm();
        Map<String, Object> change =
                Map.of("code", "AV-1b", "speciesKey", "avocado", "kind", "SEEDLING_STOCK", "spotId", 1, "version", 0);
        assertThat(http.put("/api/plants/1", change).json().get("code").asString())
                .isEqualTo("AV-1b");
        assertThat(http.put("/api/plants/1", change).status()).isEqualTo(409);
        Http.Answer future = http.post(
                "/api/plants",
                Map.of("code", "Z", "speciesKey", "fig", "kind", "FIELD_TREE", "spotId", 1, "startedOn", "2999-01-01"));
        assertThat(future.json().get("fields").get(0).get("field").asString()).isEqualTo("startedOn");
    }

    @Test
    void plantsAreTakenBackUnlessTheyCarrySomething() {
        http.smallFarm();
        long act = http.get("/api/acts").json().get(0).get("id").asLong();
        http.cleft(1, 1);
        assertThat(http.post("/api/acts/" + act + "/undo", Map.of()).status()).isEqualTo(409);
        assertThat(http.get("/api/plants").json().get("total").asInt()).isEqualTo(3);
        http.post("/api/acts/" + http.get("/api/acts").json().get(0).get("id").asLong() + "/undo", Map.of());
        assertThat(http.post("/api/acts/" + act + "/undo", Map.of()).status()).isEqualTo(200);
        assertThat(http.get("/api/plants").json().get("total").asInt()).isZero();
    }

    @Test
    void treesOfAVarietyArePastedAndAnotherSpeciesIsRefused() {
        http.smallFarm();
        Map<String, Object> paste = new java.util.HashMap<>(Map.of(
                "lines", "PB-M1 90 600", "speciesKey", "avocado", "kind", "MOTHER_TREE", "spotId", 1, "varietyId", 2));
        Http.Answer wrong = http.post("/api/plants/paste", paste);
        assertThat(wrong.status()).isEqualTo(422);
        assertThat(wrong.text()).contains("Copper Anchor is of another species").contains("varietyId");
        paste.put("varietyId", 1);
        assertThat(http.post("/api/plants/paste", paste).status()).isEqualTo(200);
        assertThat(http.get("/api/plants?search=PB-M1")
                        .json()
                        .get("plants")
                        .get(0)
                        .get("varietyName")
                        .asString())
                .isEqualTo("Pale Buoy");
    }
}
