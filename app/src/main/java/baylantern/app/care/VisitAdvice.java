package baylantern.app.care;

import baylantern.app.platform.Advice;
import baylantern.app.platform.Advice.Count;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The open visits, as advice. */
@Configuration
class VisitAdvice {

    @Bean
    Advice visits(CareMapper care) {
        return new Advice(
                () -> told(care),
                new Count("visit moves", "visits move"),
                new Count("visit more", "visits more"),
                new Count("visit fewer", "visits fewer"));
    }

    private static Map<String, String> told(CareMapper care) {
        return care.open().stream()
                .collect(Collectors.toMap(
                        visit -> visit.graftId() + " " + visit.kind() + " " + visit.repeatNo(),
                        visit -> visit.earliest() + " " + visit.target() + " " + visit.latest()));
    }
}
