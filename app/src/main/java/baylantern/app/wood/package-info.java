/** Scion wood: lots and their ledger, stores and how long wood keeps in them, stick checks, pinched shoots, cleaning. */
@NullMarked
package baylantern.app.wood;

import org.jspecify.annotations.NullMarked;
