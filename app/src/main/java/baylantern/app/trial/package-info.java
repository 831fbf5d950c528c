/** Trials: two ways set against each other in pairs, laid into graft days, read when that may be. */
@NullMarked
package baylantern.app.trial;

import org.jspecify.annotations.NullMarked;
