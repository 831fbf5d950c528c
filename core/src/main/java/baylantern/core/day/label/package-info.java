/** How labels lie on paper. */
@NullMarked
package baylantern.core.day.label;

import org.jspecify.annotations.NullMarked;
