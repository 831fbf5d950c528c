/** Fit of stick and stem: measures, techniques, pairing, limbs, and the list of grafts prepared from them. */
@NullMarked
package baylantern.app.fit;

import org.jspecify.annotations.NullMarked;
