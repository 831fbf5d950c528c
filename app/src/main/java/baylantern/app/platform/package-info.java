/** What every feature stands on: the farm's clock, problems told plainly, undo, and the guard at the door. */
@NullMarked
package baylantern.app.platform;

import org.jspecify.annotations.NullMarked;
