/** Scion wood: judging sticks, how long they keep, conditioning shoots, counting sticks, mixing what cleans blades. */
@NullMarked
package baylantern.core.wood;

import org.jspecify.annotations.NullMarked;
