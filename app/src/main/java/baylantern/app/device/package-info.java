/** Simulated stand-ins for outside devices. */
@NullMarked
package baylantern.app.device;

import org.jspecify.annotations.NullMarked;
