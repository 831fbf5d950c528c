package baylantern.app.exchange;

import baylantern.app.platform.FarmProblem;
import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;

/** A stream that ends with a plain sentence where it grows past its limit, in bytes. */
final class CountedStream extends FilterInputStream {

    private final long most;
    private long read;

    CountedStream(InputStream in, long most) {
        super(in);
        this.most = most;
    }

    @Override
    public int read() throws IOException {
        int c = super.read();
        count(c < 0 ? 0 : 1);
        return c;
    }

    @Override
    public int read(byte[] bytes, int offset, int length) throws IOException {
        int n = super.read(bytes, offset, length);
        count(Math.max(0, n));
        return n;
    }

    private void count(int more) {
        read += more;
        if (read > most) {
            throw FarmProblem.tooLarge("The file is larger than " + most / (1024 * 1024)
                    + " MB, far more than a notebook holds. Split it by year and import each part.");
        }
    }
}
