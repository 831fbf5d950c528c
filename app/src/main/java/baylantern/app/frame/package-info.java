/** What every screen shows around its work: the farm, its day, the band of the year. */
@NullMarked
package baylantern.app.frame;

import org.jspecify.annotations.NullMarked;
