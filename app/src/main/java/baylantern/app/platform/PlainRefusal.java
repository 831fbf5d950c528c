package baylantern.app.platform;

import java.io.IOException;
import java.io.Writer;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ErrorReportValve;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;

/** Tells what the server refuses before it reaches us, such as an address that holds what is no letter. */
public final class PlainRefusal extends ErrorReportValve {

    private static final int REFUSED_FROM = 400;

    @Override
    protected void report(Request request, Response response, @Nullable Throwable why) {
        if (response.getStatus() < REFUSED_FROM || response.getContentWritten() > 0 || !response.setErrorReported()) {
            return;
        }
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.setCharacterEncoding("UTF-8");
        try {
            Writer writer = response.getReporter();
            if (writer != null) {
                writer.write("{\"status\":" + response.getStatus()
                        + ",\"title\":\"Not understood\",\"detail\":\"What was asked cannot be read.\"}");
                response.finishResponse();
            }
        } catch (IOException | IllegalStateException e) {
            container.getLogger().debug("whoever asked is gone", e);
        }
    }
}
