/** Which stick goes on which stem. */
@NullMarked
package baylantern.core.fit.pairing;

import org.jspecify.annotations.NullMarked;
