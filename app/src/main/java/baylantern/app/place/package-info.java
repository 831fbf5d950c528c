/** Sites, places within them, people, varieties and plants. */
@NullMarked
package baylantern.app.place;

import org.jspecify.annotations.NullMarked;
