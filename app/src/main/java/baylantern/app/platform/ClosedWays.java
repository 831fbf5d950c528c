package baylantern.app.platform;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Component;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.mvc.method.RequestMappingInfo;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** Which ways into the farm are closed to whom, as whoever serves each says. */
@Component
public class ClosedWays {

    private final ObjectProvider<RequestMappingHandlerMapping> mappings;

    ClosedWays(ObjectProvider<RequestMappingHandlerMapping> mappings) {
        this.mappings = mappings;
    }

    /** What somebody with this role may not do, as method and path, {@code "POST /api/spots"}, in the order of the letters. */
    public List<String> to(Role role) {
        return mappings.stream()
                .flatMap(mapping -> mapping.getHandlerMethods().entrySet().stream())
                .filter(way -> needsMoreThan(role, way.getValue()))
                .flatMap(ClosedWays::named)
                .sorted()
                .toList();
    }

    /** The least role for what a method serves; null where it says none. */
    public static @Nullable Role needed(HandlerMethod method) {
        Needs needs = method.getMethodAnnotation(Needs.class);
        return needs == null ? null : needs.value();
    }

    private static boolean needsMoreThan(Role role, HandlerMethod method) {
        Role needed = needed(method);
        return needed != null && !role.may(needed);
    }

    private static Stream<String> named(Map.Entry<RequestMappingInfo, HandlerMethod> way) {
        return way.getKey().getMethodsCondition().getMethods().stream()
                .flatMap(method -> way.getKey().getPatternValues().stream().map(path -> method + " " + path));
    }
}
