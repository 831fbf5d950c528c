package baylantern.app.platform;

import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.core.MethodParameter;
import org.springframework.http.MediaType;
import org.springframework.http.converter.HttpMessageConverter;
import org.springframework.http.server.ServerHttpRequest;
import org.springframework.http.server.ServerHttpResponse;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.servlet.mvc.method.annotation.ResponseBodyAdvice;

/** Says with each answer which facts it was read from, so that whoever shows it knows when it goes stale. */
@RestControllerAdvice
class FactsAdvice implements ResponseBodyAdvice<Object> {

    static final String FACTS = "Lantern-Facts";

    private final Changes changes;

    FactsAdvice(Changes changes) {
        this.changes = changes;
    }

    @Override
    public boolean supports(MethodParameter returns, Class<? extends HttpMessageConverter<?>> converter) {
        return true;
    }

    @Override
    public @Nullable Object beforeBodyWrite(
            @Nullable Object body,
            MethodParameter returns,
            MediaType type,
            Class<? extends HttpMessageConverter<?>> converter,
            ServerHttpRequest request,
            ServerHttpResponse response) {
        response.getHeaders().set(FACTS, words(changes.readSoFar()));
        return body;
    }

    /** Facts as a heading tells them. */
    static String words(Set<Fact> facts) {
        return facts.stream().map(Fact::name).collect(Collectors.joining(" "));
    }
}
