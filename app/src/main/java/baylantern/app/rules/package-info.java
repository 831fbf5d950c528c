/** The rulebook for reading. */
@NullMarked
package baylantern.app.rules;

import org.jspecify.annotations.NullMarked;
