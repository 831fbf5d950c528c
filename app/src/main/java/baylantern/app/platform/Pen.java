package baylantern.app.platform;

import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * The one lock of the farm: a row in the store. Whoever changes anything holds it from the first change to the end of the
 * transaction, so that changes come one after the other and no two can undo each other's grounds. A request that only
 * reads or reckons never waits for it. Who has read before taking it, and finds that the farm was changed meanwhile, was
 * overtaken: what was read may no longer be so, and the request is served once more, holding the pen from the start.
 */
@Component
public class Pen {

    private final JdbcTemplate jdbc;

    Pen(JdbcTemplate jdbc) {
        this.jdbc = jdbc;
    }

    /** How one transaction stands to the pen. */
    private static final class Grip {
        private @Nullable Long seen;
        private boolean held;
        private boolean overtaken;
    }

    /** Remembers the turn, so that it is seen whether somebody changes the farm before this transaction does. */
    void watch() {
        grip().seen = turn();
    }

    /** Takes the pen for the rest of the caller's transaction, waiting for whoever holds it. */
    public void take() {
        if (!TransactionSynchronizationManager.isActualTransactionActive()
                || TransactionSynchronizationManager.isCurrentTransactionReadOnly()) {
            return;
        }
        Grip grip = grip();
        if (grip.held) {
            return;
        }
        grip.held = true;
        Rows.one(jdbc.update("UPDATE house_pen SET turn = turn + 1 WHERE id = 1"));
        grip.overtaken = grip.seen != null && grip.seen + 1 != turn();
    }

    /** True where somebody else changed the farm between {@link #watch} and the first change of this transaction. */
    boolean overtaken() {
        return TransactionSynchronizationManager.getResource(this) instanceof Grip grip && grip.overtaken;
    }

    /**
     * True where what this transaction read may no longer be so: {@link #overtaken}, or somebody else changed the farm since
     * {@link #watch} although nothing was changed here. A refusal may then rest on half of what the other did.
     */
    boolean groundMoved() {
        return TransactionSynchronizationManager.getResource(this) instanceof Grip grip
                && (grip.overtaken || !grip.held && grip.seen != null && grip.seen != turn());
    }

    private long turn() {
        Long turn = jdbc.queryForObject("SELECT turn FROM house_pen WHERE id = 1", Long.class);
        return turn == null ? 0 : turn;
    }

    private Grip grip() {
        if (TransactionSynchronizationManager.getResource(this) instanceof Grip grip) {
            return grip;
        }
        Grip grip = new Grip();
        TransactionSynchronizationManager.bindResource(this, grip);
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void suspend() {
                TransactionSynchronizationManager.unbindResource(Pen.this);
            }

            @Override
            public void resume() {
                TransactionSynchronizationManager.bindResource(Pen.this, grip);
            }

            @Override
            public void afterCompletion(int status) {
                TransactionSynchronizationManager.unbindResource(Pen.this);
            }
        });
        return grip;
    }
}
