/** Who does what on a graft day, how fast, who waits, and when it is done. */
@NullMarked
package baylantern.core.day.crew;

import org.jspecify.annotations.NullMarked;
