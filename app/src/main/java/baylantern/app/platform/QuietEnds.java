package baylantern.app.platform;

import java.sql.SQLException;
import javax.sql.DataSource;
import org.h2.jdbc.JdbcConnection;
import org.springframework.jdbc.datasource.JdbcTransactionObjectSupport;
import org.springframework.jdbc.support.JdbcTransactionManager;
import org.springframework.transaction.support.DefaultTransactionStatus;

/**
 * Ends transactions so that the store's file never holds another one by half.
 *
 * <p>Whenever a transaction that wrote ends, and whenever any is rolled back, also one in which nothing was written, the store
 * writes itself to its file, table by table. What another has under way then is caught in some tables as it was before and in others as it
 * is after; if the plug is pulled before that one ends, its act is there without its rows. So who wrote nothing ends by
 * commit, which leaves the file alone, and who wrote holds the {@link Pen}, which nobody else does, until all is over.
 */
class QuietEnds extends JdbcTransactionManager {

    private static final long serialVersionUID = 1L;

    private final transient Pen pen;

    QuietEnds(DataSource store, Pen pen) {
        super(store);
        this.pen = pen;
    }

    @Override
    protected void doCommit(DefaultTransactionStatus status) {
        if (wrote(status) && !pen.isHeld()) {
            throw new IllegalStateException("something was written without the pen");
        }
        super.doCommit(status);
    }

    @Override
    protected void doRollback(DefaultTransactionStatus status) {
        if (wrote(status)) {
            super.doRollback(status);
        } else {
            super.doCommit(status);
        }
    }

    // The store itself says so: nobody has to remember it.
    private static boolean wrote(DefaultTransactionStatus status) {
        try {
            return ((JdbcTransactionObjectSupport) status.getTransaction())
                    .getConnectionHolder()
                    .getConnection()
                    .unwrap(JdbcConnection.class)
                    .getSession()
                    .hasPendingTransaction();
        } catch (SQLException e) {
            // A connection that is broken off has nothing to be kept.
            return true;
        }
    }
}
