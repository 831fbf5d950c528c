package baylantern.app.exchange;

import baylantern.app.platform.FarmProblem;
import java.io.FilterReader;
import java.io.IOException;
import java.io.Reader;

/** A text of a table in which no cell is longer than any a farm holds; so a file of one endless cell fills no memory. */
final class CellReader extends FilterReader {

    /** Longer than the longest column of the store. */
    static final int MOST_LETTERS = 100_000;

    private int since;

    CellReader(Reader in) {
        super(in);
    }

    @Override
    public int read() throws IOException {
        int c = super.read();
        count(c);
        return c;
    }

    @Override
    public int read(char[] letters, int offset, int length) throws IOException {
        int n = super.read(letters, offset, length);
        for (int i = offset; i < offset + n; i++) {
            count(letters[i]);
        }
        return n;
    }

    private void count(int c) {
        since = c == ',' || c == '\n' ? 0 : since + 1;
        if (since > MOST_LETTERS) {
            throw FarmProblem.tooLarge("A cell is longer than " + MOST_LETTERS + " letters; no farm holds that.");
        }
    }
}
