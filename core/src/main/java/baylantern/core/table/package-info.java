/** Reading tables that other programs wrote. */
@NullMarked
package baylantern.core.table;

import org.jspecify.annotations.NullMarked;
