/** Take rates counted honestly, with ranges and kinship pooling. */
@NullMarked
package baylantern.core.take;

import org.jspecify.annotations.NullMarked;
