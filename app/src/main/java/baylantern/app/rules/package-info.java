/** The rulebook, and the figures of it the grower changed. */
@NullMarked
package baylantern.app.rules;

import org.jspecify.annotations.NullMarked;
