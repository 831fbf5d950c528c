/** The band of the year. */
@NullMarked
package baylantern.app.season;

import org.jspecify.annotations.NullMarked;
