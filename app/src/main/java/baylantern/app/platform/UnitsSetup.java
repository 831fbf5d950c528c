package baylantern.app.platform;

import baylantern.core.rules.Quantity;
import baylantern.core.rules.Units;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.JacksonModule;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueSerializer;
import tools.jackson.databind.module.SimpleModule;

/** Tells every measure within a sentence in the units of the device that asked; figures of their own stay mm and °C. */
@Configuration
class UnitsSetup {

    static final String UNITS = "Lantern-Units";

    @Bean
    JacksonModule sentencesInUnits() {
        return new SimpleModule("sentences in units").addSerializer(String.class, new Sentences());
    }

    private static final class Sentences extends ValueSerializer<String> {

        @Override
        public void serialize(String sentence, JsonGenerator json, SerializationContext context) {
            json.writeString(Quantity.told(sentence, units()));
        }

        private static Units units() {
            if (RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes request) {
                String words = request.getRequest().getHeader(UNITS);
                return words == null ? Units.KEPT : Units.parse(words);
            }
            return Units.KEPT;
        }
    }
}
