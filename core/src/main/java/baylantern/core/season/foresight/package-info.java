/** The outlook of a tree from all accounts, and which tree is worth a look next. */
@NullMarked
package baylantern.core.season.foresight;

import org.jspecify.annotations.NullMarked;
