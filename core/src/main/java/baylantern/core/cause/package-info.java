/** Why grafts failed: causes weighed by what is seen and what is on record. */
@NullMarked
package baylantern.core.cause;

import org.jspecify.annotations.NullMarked;
