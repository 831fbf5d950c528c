/** The log of grafts. */
@NullMarked
package baylantern.app.bench;

import org.jspecify.annotations.NullMarked;
