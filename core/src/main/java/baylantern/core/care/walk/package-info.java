/** The fewest walks that make every visit in its time. */
@NullMarked
package baylantern.core.care.walk;

import org.jspecify.annotations.NullMarked;
