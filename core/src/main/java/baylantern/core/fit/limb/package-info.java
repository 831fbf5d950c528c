/** Which limbs of an old tree are grafted, taken off or kept this season. */
@NullMarked
package baylantern.core.fit.limb;

import org.jspecify.annotations.NullMarked;
