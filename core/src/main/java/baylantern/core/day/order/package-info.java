/** In which order the blocks of a graft day are made: fewest cleanings, shortest walk, the wood that loses most first. */
@NullMarked
package baylantern.core.day.order;

import org.jspecify.annotations.NullMarked;
