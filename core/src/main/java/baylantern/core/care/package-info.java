/** After the graft: its life, the looks that move it along, and the visits it needs. */
@NullMarked
package baylantern.core.care;

import org.jspecify.annotations.NullMarked;
