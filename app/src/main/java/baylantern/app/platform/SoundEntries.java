package baylantern.app.platform;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import java.lang.annotation.Annotation;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Method;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.core.MethodParameter;
import org.springframework.http.HttpInputMessage;
import org.springframework.http.converter.HttpMessageConverter;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.servlet.mvc.method.annotation.RequestBodyAdviceAdapter;

/**
 * What a service is told holds no holes: a part of an entry that may not be missing by its type is there, and so is each
 * thing of a list. Parts with a constraint of their own are left to it, which says it better. Every day lies where a farm
 * can have one.
 */
@RestControllerAdvice
class SoundEntries extends RequestBodyAdviceAdapter {

    private static final List<Class<? extends Annotation>> SAID_ELSEWHERE =
            List.of(NotNull.class, NotBlank.class, NotEmpty.class);

    private final ObjectProvider<FarmClock> clock;

    SoundEntries(ObjectProvider<FarmClock> clock) {
        this.clock = clock;
    }

    @Override
    public boolean supports(MethodParameter parameter, Type type, Class<? extends HttpMessageConverter<?>> converter) {
        return true;
    }

    @Override
    public Object afterBodyRead(
            Object body,
            HttpInputMessage message,
            MethodParameter parameter,
            Type type,
            Class<? extends HttpMessageConverter<?>> converter) {
        look(body, "what was sent");
        return body;
    }

    private void look(@Nullable Object value, String name) {
        if (value == null) {
            throw missing(name);
        }
        if (value instanceof Collection<?> many) {
            many.forEach(one -> look(one, name));
        } else if (value instanceof LocalDate day) {
            FarmDays.within(name, day, clock.getObject().today());
        } else if (value instanceof Record entry) {
            for (RecordComponent part : entry.getClass().getRecordComponents()) {
                Object told = told(part, entry);
                if (told != null || needed(part)) {
                    look(told, part.getName());
                }
            }
        }
    }

    private static boolean needed(RecordComponent part) {
        return !part.getAnnotatedType().isAnnotationPresent(Nullable.class)
                && SAID_ELSEWHERE.stream().noneMatch(part.getAccessor()::isAnnotationPresent);
    }

    private static @Nullable Object told(RecordComponent part, Record entry) {
        try {
            Method accessor = part.getAccessor();
            accessor.setAccessible(true);
            return accessor.invoke(entry);
        } catch (IllegalAccessException | InvocationTargetException e) {
            throw new IllegalStateException(e);
        }
    }

    private static FarmProblem missing(String name) {
        String sentence = FieldWords.sentence(name, "is missing") + ".";
        return FarmProblem.wrong(name, null, "something", sentence);
    }
}
