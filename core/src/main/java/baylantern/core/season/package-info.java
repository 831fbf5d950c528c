/** The year as the farm lives it: seasons named for its own hemisphere. */
@NullMarked
package baylantern.core.season;

import org.jspecify.annotations.NullMarked;
