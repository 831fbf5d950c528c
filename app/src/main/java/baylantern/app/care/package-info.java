/** Looks, visits, the walk and the sheet of a graft. */
@NullMarked
package baylantern.app.care;

import org.jspecify.annotations.NullMarked;
