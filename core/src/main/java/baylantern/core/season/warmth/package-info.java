/** What warmth does: degree-days, healing days, drying, hazards. */
@NullMarked
package baylantern.core.season.warmth;

import org.jspecify.annotations.NullMarked;
