/** What a farm grows on: speakable codes for varieties and grafts. */
@NullMarked
package baylantern.core.place;

import org.jspecify.annotations.NullMarked;
