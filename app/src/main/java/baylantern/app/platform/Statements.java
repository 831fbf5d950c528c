package baylantern.app.platform;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.concurrent.Callable;
import java.util.concurrent.FutureTask;
import java.util.concurrent.atomic.AtomicReference;
import org.apache.ibatis.builder.xml.XMLMapperBuilder;
import org.jspecify.annotations.Nullable;
import org.slf4j.LoggerFactory;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;

/**
 * All statements of all mappers, as their files say them. Nothing else of a start is needed for reading them, so that is
 * done beside the opening of the store.
 */
public final class Statements {

    private static final String FILES = "classpath*:baylantern/app/**/*Mapper.xml";

    private static final AtomicReference<@Nullable FutureTask<NamedRows>> AHEAD = new AtomicReference<>();

    private Statements() {}

    /** Begins to read them; the next who asks for them gets these. */
    public static void readAhead() {
        // Two that make the log ready at once are told so in a warning: it is ready before they part.
        LoggerFactory.getILoggerFactory();
        FutureTask<NamedRows> reading = new FutureTask<>(Statements::read);
        AHEAD.set(reading);
        new Thread(reading, "statements").start();
    }

    /** The statements, for the one store they are asked for. */
    static NamedRows all() throws Exception {
        FutureTask<NamedRows> ahead = AHEAD.getAndSet(null);
        Callable<NamedRows> read = ahead == null ? Statements::read : ahead::get;
        return read.call();
    }

    private static NamedRows read() {
        NamedRows rows = new NamedRows();
        try {
            for (Resource file : new PathMatchingResourcePatternResolver().getResources(FILES)) {
                try (InputStream said = file.getInputStream()) {
                    new XMLMapperBuilder(said, rows, file.toString(), rows.getSqlFragments()).parse();
                }
            }
            return rows;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
