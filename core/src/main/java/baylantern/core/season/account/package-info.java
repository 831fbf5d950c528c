/** Several accounts of when a tree flushes next, each learned from the farm's records. */
@NullMarked
package baylantern.core.season.account;

import org.jspecify.annotations.NullMarked;
