/** The invented demo farm, grown from a seed. */
@NullMarked
package baylantern.app.demo;

import org.jspecify.annotations.NullMarked;
