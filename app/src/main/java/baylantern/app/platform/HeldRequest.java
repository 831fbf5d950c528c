package baylantern.app.platform;

import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.io.BufferedReader;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.Objects;

/**
 * A request whose form has been read to its end before a transaction is opened for it, so that a slow sender holds none.
 * Files are left to flow.
 */
final class HeldRequest extends HttpServletRequestWrapper {

    private static final int MOST_BYTES = 4 << 20;

    private final byte[] form;
    private final boolean flows;

    private HeldRequest(HttpServletRequest request, byte[] form, boolean flows) {
        super(request);
        this.form = form;
        this.flows = flows;
    }

    static HeldRequest of(HttpServletRequest request) throws IOException {
        boolean flows = Objects.toString(request.getContentType(), "").startsWith("application/octet-stream");
        byte[] form = flows ? new byte[0] : request.getInputStream().readNBytes(MOST_BYTES + 1);
        if (form.length > MOST_BYTES) {
            throw FarmProblem.tooLarge("What was sent is over 4 MB; no form is that long.");
        }
        return new HeldRequest(request, form, flows);
    }

    /** True where it can be served once more: a file that flowed is gone. */
    boolean again() {
        return !flows;
    }

    /** What is asked: the way, the address and a mark of what was sent. */
    String asked() {
        String address = getRequestURI();
        return getMethod() + " " + address.substring(0, Math.min(address.length(), 300)) + " " + mark();
    }

    private String mark() {
        try {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            digest.update((getRequestURI() + "?" + getQueryString()).getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(digest.digest(form), 0, 16);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }

    @Override
    public ServletInputStream getInputStream() throws IOException {
        return flows ? super.getInputStream() : new FormStream(form);
    }

    @Override
    public BufferedReader getReader() throws IOException {
        return flows
                ? super.getReader()
                : new BufferedReader(new InputStreamReader(getInputStream(), StandardCharsets.UTF_8));
    }

    /** The form once more. */
    private static final class FormStream extends ServletInputStream {
        private final ByteArrayInputStream bytes;

        FormStream(byte[] form) {
            this.bytes = new ByteArrayInputStream(form);
        }

        @Override
        public int read() {
            return bytes.read();
        }

        @Override
        public int read(byte[] into, int from, int length) {
            return bytes.read(into, from, length);
        }

        @Override
        public boolean isFinished() {
            return bytes.available() == 0;
        }

        @Override
        public boolean isReady() {
            return true;
        }

        @Override
        public void setReadListener(ReadListener listener) {
            throw new UnsupportedOperationException("forms are read at once");
        }
    }
}
