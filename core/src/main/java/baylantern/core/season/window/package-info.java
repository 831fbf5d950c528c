/** Which days suit a graft of this wood on these stocks, and why. */
@NullMarked
package baylantern.core.season.window;

import org.jspecify.annotations.NullMarked;
