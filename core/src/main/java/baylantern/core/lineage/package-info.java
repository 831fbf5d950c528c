/** Parentage of plants, lots and grafts: where wood came from, where it went, what must be held. */
@NullMarked
package baylantern.core.lineage;

import org.jspecify.annotations.NullMarked;
