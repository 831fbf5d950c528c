package baylantern.app;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** How many to make, from what the farm's own grafts did. */
class HowManyApiTest extends ApiTest {

    @BeforeEach
    void farm() {
        http.smallFarm();
    }

    private JsonNode many(int living) {
        return http.get("/api/takes/how-many?varietyId=1&techniqueKey=cleft&sure=0.9&made=12&living=" + living)
                .json();
    }

    @Test
    void itFollowsWhatWasSeen() {
        int before = many(5).get("least").asInt();
        assertThat(before).isGreaterThan(5);
        assertThat(many(6).get("least").asInt()).isGreaterThanOrEqualTo(before);
        http.cleft(40, 1, 2, 3).json().get("codes").forEach(code -> http.look(code.asString(), "LEAFED"));
        JsonNode after = many(5);
        assertThat(after.get("least").asInt()).isLessThan(before);
        assertThat(after.get("take").get("taken").asInt()).isEqualTo(3);
        assertThat(after.get("luck").get("days").asInt()).isEqualTo(1);
        assertThat(after.get("curve").get(0).get("made").asInt()).isEqualTo(5);
        assertThat(after.get("asked").get("chance").asDouble()).isBetween(0.5, 1.0);
    }

    @ParameterizedTest
    @CsvSource({"living,0", "living,10001", "made,0", "made,-4", "sure,0", "sure,1", "sure,NaN"})
    void whatCannotBeAskedIsToldWithItsField(String field, String value) {
        Http.Answer answer = http.get("/api/takes/how-many?varietyId=1&" + field + "=" + value);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.json().get("fields").get(0).get("field").asString()).isEqualTo(field);
    }

    @Test
    void anUnknownVarietyOrTechniqueIsToldSo() {
        assertThat(http.get("/api/takes/how-many?varietyId=77").status()).isEqualTo(404);
        assertThat(http.get("/api/takes/how-many?varietyId=1&techniqueKey=knot").status())
                .isEqualTo(404);
    }
}
