package baylantern.app.platform;

import com.fasterxml.jackson.databind.JavaType;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.oas.models.media.Schema;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Iterator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Tells the API document which parts of a record are always there: all but those marked nullable. */
@Component
class NullnessInApi implements ModelConverter {

    @Override
    @SuppressWarnings("rawtypes")
    public @Nullable Schema resolve(AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
        if (!chain.hasNext()) {
            return null;
        }
        Schema<?> schema = chain.next().resolve(type, context, chain);
        JavaType java = Json.mapper().constructType(type.getType());
        if (java != null && java.getRawClass().isRecord()) {
            mark(java.getRawClass(), context);
        }
        return schema;
    }

    private static void mark(Class<?> record, ModelConverterContext context) {
        Schema<?> model = context.getDefinedModels().get(record.getSimpleName());
        if (model == null) {
            return;
        }
        List<String> required = new ArrayList<>();
        Arrays.stream(record.getRecordComponents())
                .filter(part -> !nullable(part))
                .map(RecordComponent::getName)
                .filter(name ->
                        model.getProperties() != null && model.getProperties().containsKey(name))
                .forEach(required::add);
        model.setRequired(required);
    }

    private static boolean nullable(RecordComponent part) {
        return part.getAnnotatedType().isAnnotationPresent(Nullable.class);
    }
}
