package baylantern.app.platform;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import com.fasterxml.jackson.databind.JavaType;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.jackson.ModelResolver;
import io.swagger.v3.core.jackson.TypeNameResolver;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.oas.models.media.Schema;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/**
 * How the API document tells types: named by feature, "bench.Graft", a part of a record after it, "bench.GraftWood", and with the parts of a record that are always there,
 * all but those marked nullable. Registered first, so that it is asked last: what wraps an answer is taken off before.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class ApiTypes extends ModelResolver {

    private static final FeatureNames NAMES = new FeatureNames();

    ApiTypes() {
        super(Json.mapper(), NAMES);
    }

    @Override
    @SuppressWarnings("rawtypes")
    public @Nullable Schema resolve(AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
        Schema<?> schema = super.resolve(type, context, chain);
        JavaType java = Json.mapper().constructType(type.getType());
        if (java != null && java.getRawClass().isRecord()) {
            mark(java, context);
        }
        return schema;
    }

    private static void mark(JavaType record, ModelConverterContext context) {
        Schema<?> model = context.getDefinedModels().get(NAMES.nameForType(record));
        if (model == null) {
            return;
        }
        List<String> required = parts(record.getRawClass())
                .filter(part -> !part.getAnnotatedType().isAnnotationPresent(Nullable.class))
                .map(RecordComponent::getName)
                .filter(name ->
                        model.getProperties() != null && model.getProperties().containsKey(name))
                .toList();
        model.setRequired(required);
    }

    // The parts as an answer tells them: those of a nested record told flat are parts of the whole.
    private static Stream<RecordComponent> parts(Class<?> record) {
        return Arrays.stream(record.getRecordComponents())
                .flatMap(part -> part.isAnnotationPresent(JsonUnwrapped.class)
                                || part.getAccessor().isAnnotationPresent(JsonUnwrapped.class)
                        ? parts(part.getType())
                        : Stream.of(part));
    }

    /** Names a type by its feature; two types of one feature may not share a name, else one would hide the other. */
    private static final class FeatureNames extends TypeNameResolver {

        private static final String OURS = "baylantern.";

        private final Map<String, Class<?>> named = new ConcurrentHashMap<>();

        @Override
        protected String getNameOfClass(Class<?> type) {
            String where = type.getPackageName();
            if (!where.startsWith(OURS)) {
                return super.getNameOfClass(type);
            }
            Class<?> whole = type.getDeclaringClass();
            String part = whole != null && whole.isRecord() ? whole.getSimpleName() : "";
            String name = where.split("\\.")[2] + "." + part + type.getSimpleName();
            Class<?> other = named.putIfAbsent(name, type);
            if (other != null && other != type) {
                throw new IllegalStateException(name + " names both " + other.getName() + " and " + type.getName());
            }
            return name;
        }
    }
}
