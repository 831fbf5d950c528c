package baylantern.app.wood;

import baylantern.app.platform.Advice;
import baylantern.app.platform.Advice.Count;
import java.util.stream.Collectors;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** How long the lots on the shelf keep and how good they are, as advice. */
@Configuration
class LotAdvice {

    @Bean
    Advice lots(LotDesk lots) {
        return new Advice(
                () -> lots.shelf().stream().collect(Collectors.toMap(LotView::code, LotAdvice::judged)),
                new Count("lot is judged otherwise", "lots are judged otherwise"),
                Count.UNSAID,
                Count.UNSAID);
    }

    private static String judged(LotView lot) {
        return lot.life() + " " + lot.grade() + " " + lot.runsOut() + " " + lot.refusal();
    }
}
