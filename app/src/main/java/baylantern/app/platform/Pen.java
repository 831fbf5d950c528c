package baylantern.app.platform;

import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.ReentrantLock;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.CannotAcquireLockException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * The one lock of the farm. Whoever changes anything holds it from the first change to the end of the
 * transaction, so that changes come one after the other and no two can undo each other's grounds; a row in the store counts the
 * turns. A request that only reads or reckons never waits for it. Who has read before taking it, and finds that the farm was changed meanwhile, was
 * overtaken: what was read may no longer be so, and the request is served once more, holding the pen from the start.
 *
 * <p>What is kept in memory is dropped a moment after the commit. Nobody begins to read or to write within that moment: what is
 * kept would be older than the turn of the pen.
 *
 * <p>It is let go when the transaction has ended in every respect, and not with its commit: see {@link QuietEnds} for why.
 */
@Component
public class Pen {

    private static final int LONGEST_COMMIT_S = 10;

    private final JdbcTemplate jdbc;

    private final ReentrantLock one = new ReentrantLock(true);

    /** Held from just before a commit until what is kept was dropped. */
    private final ReentrantLock committing = new ReentrantLock();

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
        untilDropped();
    }

    // Of the turn that was seen all that is kept is dropped then. A commit takes as long as the disk does; one that
    // never
    // ends holds nobody up for ever.
    private void untilDropped() {
        try {
            if (committing.tryLock(LONGEST_COMMIT_S, TimeUnit.SECONDS)) {
                committing.unlock();
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException("interrupted while somebody else wrote", e);
        }
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
        waitFor();
        grip.held = true;
        Rows.one(jdbc.update("UPDATE house_pen SET turn = turn + 1 WHERE id = 1"));
        if (grip.seen != null && grip.seen + 1 != turn()) {
            grip.overtaken = true;
            throw new Overtaken();
        }
    }

    private void waitFor() {
        try {
            if (!one.tryLock(StartOptions.LONGEST_WRITER_MS, TimeUnit.MILLISECONDS)) {
                throw new CannotAcquireLockException("somebody else writes");
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException("interrupted while somebody else wrote", e);
        }
    }

    /** True while the transaction of whoever calls holds the pen. */
    boolean isHeld() {
        return TransactionSynchronizationManager.getResource(this) instanceof Grip grip && grip.held;
    }

    /** Ends what somebody overtaken is about to do: whatever more was done would be done in vain. */
    static final class Overtaken extends IllegalStateException {
        private static final long serialVersionUID = 1L;

        Overtaken() {
            super("the farm was changed meanwhile");
        }
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
                && (grip.overtaken || (!grip.held && grip.seen != null && grip.seen != turn()));
    }

    /** How often the farm was written to; rises with each write that is committed. */
    public long turns() {
        return turn();
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
            public void beforeCommit(boolean readOnly) {
                if (grip.held) {
                    committing.lock();
                }
            }

            @Override
            public void afterCompletion(int status) {
                TransactionSynchronizationManager.unbindResource(Pen.this);
                if (!grip.held) {
                    return;
                }
                if (committing.isHeldByCurrentThread()) {
                    committing.unlock();
                }
                one.unlock();
            }
        });
        return grip;
    }
}
