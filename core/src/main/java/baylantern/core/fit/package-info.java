/** Fit of stick and stem: what is measured, and what a person must know of it. */
@NullMarked
package baylantern.core.fit;

import org.jspecify.annotations.NullMarked;
