package baylantern.app.platform;

import org.apache.catalina.core.StandardHost;
import org.apache.catalina.startup.Tomcat;
import org.springframework.boot.autoconfigure.condition.ConditionalOnWebApplication;
import org.springframework.boot.tomcat.TomcatWebServer;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The server before any of our own code: what it refuses by itself is told as everything else is. */
@Configuration
@ConditionalOnWebApplication
class DoorSetup {

    @Bean
    TomcatServletWebServerFactory server() {
        return new TomcatServletWebServerFactory() {
            @Override
            protected TomcatWebServer getTomcatWebServer(Tomcat tomcat) {
                ((StandardHost) tomcat.getHost()).setErrorReportValveClass(PlainRefusal.class.getName());
                return super.getTomcatWebServer(tomcat);
            }
        };
    }
}
