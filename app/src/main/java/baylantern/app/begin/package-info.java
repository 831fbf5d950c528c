/** How a farm begins: place, people, what grows there and what its buds show, written together. */
@NullMarked
package baylantern.app.begin;

import org.jspecify.annotations.NullMarked;
