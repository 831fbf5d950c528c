package baylantern.app.share;

import baylantern.app.platform.SquareCode;
import java.util.ArrayList;
import java.util.List;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.context.properties.EnableConfigurationProperties;
import org.springframework.boot.jetty.servlet.JettyServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;

/** Opens the shared door where it was asked for, and says where it is. */
@Configuration
@EnableConfigurationProperties(ShareSettings.class)
class ShareSetup {

    @Bean
    WebServerFactoryCustomizer<JettyServletWebServerFactory> secondDoor(
            ShareSettings settings, ObjectProvider<SharedDoorDesk> door) {
        return factory -> {
            if (settings.share()) {
                factory.addServerCustomizers(server -> door.getObject().openIn(server));
            }
        };
    }

    @Bean
    @Order(Ordered.LOWEST_PRECEDENCE)
    ApplicationRunner sayWhere(
            ShareSettings settings, ObjectProvider<SharedDoorDesk> door, ObjectProvider<Authority> authority) {
        return arguments -> {
            if (settings.share()) {
                said(door.getObject().addresses(), authority.getObject().fingerprint())
                        .forEach(System.out::println);
            }
        };
    }

    private static List<String> said(List<String> addresses, String mark) {
        List<String> lines = new ArrayList<>();
        lines.add("Shared in the farm's own network: " + String.join(" or ", addresses));
        if (addresses.get(0).contains("127.0.0.1")) {
            lines.add(
                    "This machine has no address in a network of the farm's own just now; only it itself can come in that way.");
        }
        lines.add(SquareCode.of(addresses.get(0) + "/").letters());
        lines.add("Its mark, to compare on the phone: " + mark);
        lines.add("Let people in under Farm, Phones and people.");
        return lines;
    }
}
