/** Making grafts: what may go on what, and what the form must say before a graft is logged. */
@NullMarked
package baylantern.core.bench;

import org.jspecify.annotations.NullMarked;
