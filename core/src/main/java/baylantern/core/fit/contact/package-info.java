/** Where cambium meets cambium, technique by technique. */
@NullMarked
package baylantern.core.fit.contact;

import org.jspecify.annotations.NullMarked;
