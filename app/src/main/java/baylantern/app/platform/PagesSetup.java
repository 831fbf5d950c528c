package baylantern.app.platform;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.time.Duration;
import java.util.List;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.ClassPathResource;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.ViewControllerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.EncodedResourceResolver;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** Every station has addresses of its own; the page behind all of them is one. Which they are, the front end's manifest says. */
@Configuration
class PagesSetup implements WebMvcConfigurer {

    private static final String MANIFEST = "baylantern/web/stations.json";
    private static final JsonMapper JSON = JsonMapper.builder()
            .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .build();

    private static final Duration KEPT = Duration.ofDays(365);

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

    // A part has a name of its own for each of its contents, so whoever has it need not ask again; it is sent as it was
    // packed at the build.
    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        registry.addResourceHandler("/assets/**")
                .addResourceLocations("classpath:/static/assets/")
                .setUseLastModified(false)
                .setCacheControl(CacheControl.maxAge(KEPT).cachePublic().immutable())
                .resourceChain(true)
                .addResolver(new EncodedResourceResolver());
    }

    private static List<Station> stations() {
        try (InputStream manifest = new ClassPathResource(MANIFEST).getInputStream()) {
            return List.of(JSON.readValue(manifest, Station[].class));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
