/** Trials: two ways of doing it laid out at random in pairs, how many it takes, and when it may be read. */
@NullMarked
package baylantern.core.trial;

import org.jspecify.annotations.NullMarked;
