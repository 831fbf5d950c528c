package baylantern.app.platform;

import java.util.Map;
import org.eclipse.jetty.http.HttpHeader;
import org.eclipse.jetty.io.Content;
import org.eclipse.jetty.server.Request;
import org.eclipse.jetty.server.Response;
import org.eclipse.jetty.server.handler.ErrorHandler;
import org.eclipse.jetty.util.Callback;
import org.springframework.boot.jetty.servlet.JettyServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The server's own door: what it turns away before anything of the farm is asked is turned away in the farm's words. */
@Configuration
class DoorSetup {

    private static final Map<Integer, String> WORDS = Map.of(
            400, "What is asked for cannot be read.",
            404, "There is nothing of this name here.",
            408, "This took too long to arrive.",
            413, "This is more than can be taken at once.",
            414, "This address is too long.",
            431, "The headings of this request are too long.");

    @Bean
    WebServerFactoryCustomizer<JettyServletWebServerFactory> ownWords() {
        return factory -> factory.addServerCustomizers(server -> server.setErrorHandler(new InOurWords()));
    }

    /** Answers what cannot even be read as a request. */
    private static final class InOurWords extends ErrorHandler {

        @Override
        public boolean handle(Request request, Response response, Callback callback) {
            int status = response.getStatus();
            String words = WORDS.getOrDefault(
                    status, status < 500 ? "This cannot be answered." : "Something went wrong here. Try again.");
            response.getHeaders().put(HttpHeader.CONTENT_TYPE, "application/problem+json");
            response.getHeaders().put(HttpHeader.CACHE_CONTROL, "no-store");
            // It shuts the line after what it could not read; whoever sent that should know.
            response.getHeaders().put(HttpHeader.CONNECTION, "close");
            String body = "{\"status\":" + status + ",\"detail\":\"" + words + "\"}";
            Content.Sink.write(response, true, body, callback);
            return true;
        }
    }
}
