/** How many grafts to make so that enough live. */
@NullMarked
package baylantern.core.take.many;

import org.jspecify.annotations.NullMarked;
