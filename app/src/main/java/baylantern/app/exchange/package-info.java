/** Bringing records in and taking them out in open formats. */
@NullMarked
package baylantern.app.exchange;

import org.jspecify.annotations.NullMarked;
