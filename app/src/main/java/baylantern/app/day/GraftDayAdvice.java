package baylantern.app.day;

import baylantern.app.platform.Advice;
import baylantern.app.platform.Advice.Count;
import java.util.stream.Collectors;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The graft days ahead: how long they take and what goes into the box, as advice. */
@Configuration
class GraftDayAdvice {

    @Bean
    Advice graftDays(BenchDayService days) {
        return new Advice(
                () -> days.heads().stream()
                        .map(head -> days.view(head.day()))
                        .collect(Collectors.toMap(view -> "" + view.day(), view -> view.done() + " " + view.box())),
                new Count("graft day takes another time or another box", "graft days take another time or another box"),
                Count.UNSAID,
                Count.UNSAID);
    }
}
