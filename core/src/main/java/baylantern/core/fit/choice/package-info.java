/** Which technique suits a stick and a stem, and where on the stem to cut. */
@NullMarked
package baylantern.core.fit.choice;

import org.jspecify.annotations.NullMarked;
