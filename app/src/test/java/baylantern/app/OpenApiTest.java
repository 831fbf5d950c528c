package baylantern.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The front end's types are made from this file; run with LANTERN_WRITE_API=1 to write it anew. */
class OpenApiTest extends ApiTest {

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
