package baylantern.app.platform;

import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** Every station has an address of its own; the page behind all of them is one. */
@Controller
class PagesSetup {

    @GetMapping({
        "/today",
        "/flush",
        "/flush/**",
        "/wood",
        "/wood/**",
        "/lineage",
        "/lineage/**",
        "/fit",
        "/fit/**",
        "/bench",
        "/bench/**",
        "/rounds",
        "/rounds/**",
        "/takes",
        "/takes/**",
        "/trees",
        "/trees/**",
        "/rules",
        "/farm",
        "/farm/**",
        "/begin",
        "/graft/{code}"
    })
    String page() {
        return "forward:/index.html";
    }
}
