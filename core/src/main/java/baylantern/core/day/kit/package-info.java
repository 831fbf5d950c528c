/** What goes into the box for a graft day, and how much of it. */
@NullMarked
package baylantern.core.day.kit;

import org.jspecify.annotations.NullMarked;
