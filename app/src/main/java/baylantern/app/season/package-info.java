/** Weather, warmth, bud watch, the flushes forecast from them and the windows for grafting. */
@NullMarked
package baylantern.app.season;

import org.jspecify.annotations.NullMarked;
