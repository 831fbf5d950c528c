/** Take rates of this farm. */
@NullMarked
package baylantern.app.take;

import org.jspecify.annotations.NullMarked;
