/** Why grafts failed. */
@NullMarked
package baylantern.app.cause;

import org.jspecify.annotations.NullMarked;
