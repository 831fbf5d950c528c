package baylantern.app.season;

import baylantern.app.platform.FarmProblem;
import baylantern.core.season.weather.WeatherTable;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Reads a file of weather: a CSV table, or a JSON array of objects with the same names. */
@Component
class WeatherFile {

    private static final int MOST_BYTES = 8 * 1024 * 1024;

    private final JsonMapper json;

    WeatherFile(JsonMapper json) {
        this.json = json;
    }

    /** The table in a file; throws with a sentence where it holds none. */
    WeatherTable table(byte[] file) {
        if (file.length > MOST_BYTES) {
            throw FarmProblem.tooLarge("The file is larger than 8 MB, more than sixty years of days.");
        }
        try {
            String text = StandardCharsets.UTF_8
                    .newDecoder()
                    .decode(ByteBuffer.wrap(file))
                    .toString();
            return text.stripLeading().startsWith("[") ? WeatherTable.written(rows(text)) : WeatherTable.ofCsv(text);
        } catch (CharacterCodingException | JacksonException e) {
            throw FarmProblem.wrong("file", e.getMessage(), "CSV or JSON text", "The file is not CSV or JSON text.");
        } catch (IllegalArgumentException e) {
            throw FarmProblem.wrong("file", file.length + " bytes", "date, min, max", String.valueOf(e.getMessage()));
        }
    }

    private List<Map<String, String>> rows(String text) {
        List<Map<String, String>> rows = new ArrayList<>();
        for (JsonNode node : json.readTree(text)) {
            Map<String, String> row = new HashMap<>();
            node.properties()
                    .forEach(p -> row.put(
                            p.getKey(),
                            p.getValue().isNull() ? "" : p.getValue().asString()));
            rows.add(row);
        }
        return rows;
    }
}
