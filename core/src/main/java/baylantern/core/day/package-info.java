/** The days around a graft day, and what speaks against it. */
@NullMarked
package baylantern.core.day;

import org.jspecify.annotations.NullMarked;
