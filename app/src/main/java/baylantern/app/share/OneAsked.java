package baylantern.app.share;

import baylantern.app.platform.FarmProblem;
import jakarta.servlet.AsyncContext;
import jakarta.servlet.DispatcherType;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.nio.charset.StandardCharsets;
import java.util.Collections;
import java.util.Enumeration;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.util.MultiValueMap;
import org.springframework.web.util.UriComponents;
import org.springframework.web.util.UriComponentsBuilder;
import org.springframework.web.util.UriUtils;

/** One reading of several that are asked for together: as if it had been asked for by itself, by the same device. */
final class OneAsked extends HttpServletRequestWrapper {

    private final UriComponents address;
    private final Map<String, String[]> parameters = new LinkedHashMap<>();
    private final Map<String, Object> own = new HashMap<>();

    /** Throws where the path is not one of a reading here. */
    OneAsked(HttpServletRequest together, String path) {
        super(together);
        try {
            this.address = UriComponentsBuilder.fromUriString(path).build();
            MultiValueMap<String, String> told = address.getQueryParams();
            told.forEach((name, values) -> parameters.put(
                    decoded(name), values.stream().map(OneAsked::decoded).toArray(String[]::new)));
        } catch (IllegalArgumentException e) {
            throw notHere(path);
        }
        if (address.getHost() != null
                || address.getScheme() != null
                || !getRequestURI().startsWith("/api/")) {
            throw notHere(path);
        }
    }

    private static FarmProblem notHere(String path) {
        return FarmProblem.wrong(
                "of", path, "an address of a reading here", "This cannot be read together with others.");
    }

    // As a form is written, where a plus is a space.
    private static String decoded(@Nullable String part) {
        return part == null ? "" : UriUtils.decode(part.replace('+', ' '), StandardCharsets.UTF_8);
    }

    @Override
    public String getMethod() {
        return "GET";
    }

    @Override
    public String getRequestURI() {
        return Objects.requireNonNullElse(address.getPath(), "");
    }

    @Override
    public StringBuffer getRequestURL() {
        return new StringBuffer(getRequestURI());
    }

    @Override
    public String getServletPath() {
        return getRequestURI();
    }

    @Override
    public @Nullable String getPathInfo() {
        return null;
    }

    @Override
    public @Nullable String getQueryString() {
        return address.getQuery();
    }

    @Override
    public @Nullable String getParameter(String name) {
        String[] values = parameters.get(name);
        return values == null ? null : values[0];
    }

    @Override
    public String @Nullable [] getParameterValues(String name) {
        return parameters.get(name);
    }

    @Override
    public Map<String, String[]> getParameterMap() {
        return Collections.unmodifiableMap(parameters);
    }

    @Override
    public Enumeration<String> getParameterNames() {
        return Collections.enumeration(parameters.keySet());
    }

    // What is no words to be read stands by itself.
    @Override
    public @Nullable String getHeader(String name) {
        return name.equalsIgnoreCase(HttpHeaders.ACCEPT) ? MediaType.APPLICATION_JSON_VALUE : super.getHeader(name);
    }

    @Override
    public Enumeration<String> getHeaders(String name) {
        return name.equalsIgnoreCase(HttpHeaders.ACCEPT)
                ? Collections.enumeration(List.of(MediaType.APPLICATION_JSON_VALUE))
                : super.getHeaders(name);
    }

    // Whose it is stands in those it came with; what is found out about this one stays with it.
    @Override
    public @Nullable Object getAttribute(String name) {
        Object mine = own.get(name);
        return mine != null || name.startsWith("org.springframework") ? mine : super.getAttribute(name);
    }

    @Override
    public void setAttribute(String name, @Nullable Object value) {
        if (value == null) {
            own.remove(name);
        } else {
            own.put(name, value);
        }
    }

    @Override
    public void removeAttribute(String name) {
        own.remove(name);
    }

    @Override
    public Enumeration<String> getAttributeNames() {
        return Collections.enumeration(own.keySet());
    }

    @Override
    public DispatcherType getDispatcherType() {
        return DispatcherType.REQUEST;
    }

    @Override
    public boolean isAsyncSupported() {
        return false;
    }

    @Override
    public AsyncContext startAsync() {
        throw new IllegalStateException("what is read together has an end");
    }
}
