/** Which copies of a farm are kept. */
@NullMarked
package baylantern.core.copies;

import org.jspecify.annotations.NullMarked;
