package baylantern.app.platform;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.ClassPathResource;
import org.springframework.web.servlet.config.annotation.ViewControllerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** Every station has addresses of its own; the page behind all of them is one. Which they are, the front end's manifest says. */
@Configuration
class PagesSetup implements WebMvcConfigurer {

    private static final String MANIFEST = "baylantern/web/stations.json";
    private static final JsonMapper JSON = JsonMapper.builder()
            .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .build();

    /** A station of the manifest, as far as the server needs it. */
    record Station(String path) {}

    @Override
    public void addViewControllers(ViewControllerRegistry registry) {
        for (Station station : stations()) {
            // The page itself says so where a part of a station is unknown.
            for (String pattern : List.of(station.path(), station.path() + "/**")) {
                registry.addViewController(pattern).setViewName("forward:/index.html");
            }
        }
    }

    private static List<Station> stations() {
        try (InputStream manifest = new ClassPathResource(MANIFEST).getInputStream()) {
            return List.of(JSON.readValue(manifest, Station[].class));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
