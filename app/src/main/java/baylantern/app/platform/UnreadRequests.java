package baylantern.app.platform;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ErrorReportValve;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;

/** What is refused before anything of ours is asked, such as an address that cannot be read, is told as all else is. */
@Configuration
class UnreadRequests {

    @Bean
    WebServerFactoryCustomizer<TomcatServletWebServerFactory> toldAsProblems() {
        return server -> server.addContextCustomizers(
                context -> context.getParent().getPipeline().addValve(new Problems()));
    }

    /** Writes a problem where the server would write a page of its own. */
    private static final class Problems extends ErrorReportValve {

        @Override
        protected void report(Request request, Response response, @Nullable Throwable why) {
            HttpStatus status = HttpStatus.resolve(response.getStatus());
            if (status == null
                    || !status.isError()
                    || response.getContentWritten() > 0
                    || !response.setErrorReported()) {
                return;
            }
            String told = "{\"detail\":\"What is asked for cannot be read; nothing was changed.\",\"status\":"
                    + status.value() + ",\"title\":\"" + status.getReasonPhrase() + "\"}";
            try {
                response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
                response.getOutputStream().write(told.getBytes(StandardCharsets.UTF_8));
                response.finishResponse();
            } catch (IOException e) {
                container.getLogger().debug("who asked is gone", e);
            }
        }
    }
}
