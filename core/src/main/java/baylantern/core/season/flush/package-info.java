/** Bud stages seen, the rhythm learned from them, and the flushes to come. */
@NullMarked
package baylantern.core.season.flush;

import org.jspecify.annotations.NullMarked;
