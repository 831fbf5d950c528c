package baylantern.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.util.Collection;
import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;

/** How a farm stood at some moment: the day it had and the newest act that stood; and the way back there. */
record PutBack(String day, long newest) {

    private static final HttpClient HTTP = HttpClient.newHttpClient();
    private static final Pattern ACT = Pattern.compile("\"id\":(\\d+),\"kind\"[^{}]*?\"undone\":false");
    private static final Pattern DAY = Pattern.compile("\"today\":\"([^\"]+)\"");

    static PutBack on(Lantern lantern) {
        return new PutBack(
                DAY.matcher(asked(lantern, "/api/farm"))
                        .results()
                        .findFirst()
                        .orElseThrow()
                        .group(1),
                standing(lantern).stream().mapToLong(Long::longValue).max().orElse(0));
    }

    /** Takes back what was done since, newest first; false where the farm cannot be as it was. */
    boolean reached(Lantern lantern) {
        for (long act : standing(lantern)) {
            if (act > newest && sent(lantern, "/api/acts/" + act + "/undo").statusCode() != 200) {
                return false;
            }
        }
        return on(lantern).equals(this);
    }

    private static List<Long> standing(Lantern lantern) {
        Collection<MatchResult> acts =
                ACT.matcher(asked(lantern, "/api/acts")).results().toList();
        return acts.stream().map(act -> Long.parseLong(act.group(1))).toList();
    }

    private static String asked(Lantern lantern, String path) {
        return answer(HttpRequest.newBuilder(URI.create(lantern.address() + path))
                        .GET())
                .body();
    }

    private static HttpResponse<String> sent(Lantern lantern, String path) {
        return answer(HttpRequest.newBuilder(URI.create(lantern.address() + path))
                .header("Lantern-Request", path.replace('/', '-'))
                .POST(BodyPublishers.noBody()));
    }

    private static HttpResponse<String> answer(HttpRequest.Builder request) {
        try {
            return HTTP.send(request.build(), BodyHandlers.ofString());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }
}
