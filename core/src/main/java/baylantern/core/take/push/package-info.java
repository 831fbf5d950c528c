/** How long grafts take to push: what looks that bracket it tell. */
@NullMarked
package baylantern.core.take.push;

import org.jspecify.annotations.NullMarked;
