package baylantern.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The front end's types are made from this file; run with LANTERN_WRITE_API=1 to write it anew. */
class OpenApiTest extends ApiTest {

    /** Types of two features never share a name, and each says which of its parts are always there. */
    @Test
    void typesAreNamedByTheirFeatureAndSayWhatIsAlwaysThere() {
        JsonNode types = http.get("/api/openapi.json").json().get("components").get("schemas");
        assertThat(types.propertyNames()).hasSizeGreaterThan(200).allMatch(name -> name.matches("[a-z]+\\.[A-Z]\\w+"));
        assertThat(types.propertyNames()).contains("season.Refused", "wood.StoreTableRefused");
        JsonNode graft = types.get("bench.Graft");
        assertThat(graft.get("required").valueStream().map(JsonNode::asString))
                .contains("code", "varietyName", "stemLabel", "madeOn", "state")
                .doesNotContain("makerName", "scionMm", "lotCode");
        // A nested record is told flat: its parts are parts of the whole.
        assertThat(graft.get("properties").propertyNames())
                .contains("plantCode", "fitMet", "version")
                .doesNotContain("of", "on", "made", "fit", "standing");
        types.properties().forEach(type -> {
            JsonNode required = type.getValue().get("required");
            if (required != null) {
                assertThat(type.getValue().get("properties").propertyNames())
                        .as(type.getKey())
                        .containsAll(
                                required.valueStream().map(JsonNode::asString).toList());
            }
        });
    }

    @Test
    void theFrontEndKnowsTheApiAsItIs() throws IOException {
        Path kept = Path.of("../web/src/api/openapi.json");
        JsonMapper json = JsonMapper.builder().build();
        ObjectNode live = (ObjectNode) http.get("/api/openapi.json").json();
        live.putArray("servers");
        if ("1".equals(System.getenv("LANTERN_WRITE_API"))) {
            Files.writeString(kept, json.writerWithDefaultPrettyPrinter().writeValueAsString(live) + "\n");
        }
        assertThat(json.readTree(Files.readString(kept)).equals(live))
                .as("web/src/api/openapi.json says what the API is; LANTERN_WRITE_API=1 writes it anew")
                .isTrue();
    }
}
