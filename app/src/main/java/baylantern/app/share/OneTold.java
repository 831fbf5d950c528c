package baylantern.app.share;

import jakarta.servlet.ServletOutputStream;
import jakarta.servlet.WriteListener;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpServletResponseWrapper;
import java.io.ByteArrayOutputStream;
import java.io.OutputStreamWriter;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;

/** The answer to one of several readings asked for together: nothing of it reaches the answer they stand in by itself. */
final class OneTold extends HttpServletResponseWrapper {

    private final ByteArrayOutputStream body = new ByteArrayOutputStream();
    private final HttpHeaders headers = new HttpHeaders();
    private final PrintWriter writer = new PrintWriter(new OutputStreamWriter(body, StandardCharsets.UTF_8));
    private int status = SC_OK;

    OneTold(HttpServletResponse together) {
        super(together);
    }

    /** What was told, as text. */
    String text() {
        writer.flush();
        return body.toString(StandardCharsets.UTF_8);
    }

    /** Whether it is told as JSON. */
    boolean isJson() {
        MediaType type = headers.getContentType();
        return type != null && MediaType.APPLICATION_JSON.isCompatibleWith(type);
    }

    @Override
    public int getStatus() {
        return status;
    }

    @Override
    public void setStatus(int status) {
        this.status = status;
    }

    @Override
    public void sendError(int status) {
        this.status = status;
    }

    @Override
    public void sendError(int status, String words) {
        this.status = status;
    }

    @Override
    public ServletOutputStream getOutputStream() {
        return new ServletOutputStream() {
            @Override
            public boolean isReady() {
                return true;
            }

            @Override
            public void setWriteListener(WriteListener listener) {
                throw new IllegalStateException("what is read together is written at once");
            }

            @Override
            public void write(int one) {
                body.write(one);
            }

            @Override
            public void write(byte[] bytes, int from, int count) {
                body.write(bytes, from, count);
            }
        };
    }

    @Override
    public PrintWriter getWriter() {
        return writer;
    }

    @Override
    public void setHeader(String name, @Nullable String value) {
        headers.set(name, value);
    }

    @Override
    public void addHeader(String name, @Nullable String value) {
        headers.add(name, value);
    }

    @Override
    public boolean containsHeader(String name) {
        return headers.containsHeader(name);
    }

    @Override
    public @Nullable String getHeader(String name) {
        return headers.getFirst(name);
    }

    @Override
    public List<String> getHeaders(String name) {
        return headers.getOrEmpty(name);
    }

    @Override
    public void setContentType(@Nullable String type) {
        headers.set(HttpHeaders.CONTENT_TYPE, type);
    }

    @Override
    public String getContentType() {
        return Objects.requireNonNullElse(headers.getFirst(HttpHeaders.CONTENT_TYPE), "");
    }

    @Override
    public void setCharacterEncoding(@Nullable String encoding) {
        // Everything here is told in one.
    }

    @Override
    public void setContentLength(int length) {
        // It is counted where it stands.
    }

    @Override
    public void setContentLengthLong(long length) {
        // It is counted where it stands.
    }

    @Override
    public boolean isCommitted() {
        return false;
    }

    @Override
    public void flushBuffer() {
        // It goes out with the others.
    }

    @Override
    public void reset() {
        resetBuffer();
        headers.clear();
        status = SC_OK;
    }

    @Override
    public void resetBuffer() {
        writer.flush();
        body.reset();
    }
}
