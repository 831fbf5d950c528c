package baylantern.core.exchange;

/** The whole file cannot be taken; the message says why and what to do. */
public final class NotebookRefused extends RuntimeException {

    private static final long serialVersionUID = 1L;

    public NotebookRefused(String message) {
        super(message);
    }
}
