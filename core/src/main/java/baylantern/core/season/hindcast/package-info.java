/** How forecasts would have done on the days people looked, and what is learned from it: weights and widths. */
@NullMarked
package baylantern.core.season.hindcast;

import org.jspecify.annotations.NullMarked;
