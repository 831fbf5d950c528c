/** Graft days: planned ahead, with what hangs on them. */
@NullMarked
package baylantern.app.day;

import org.jspecify.annotations.NullMarked;
