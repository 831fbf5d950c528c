/** What is known of every graft, so that any program can count the same: one row a graft, one column an aspect. */
@NullMarked
package baylantern.core.take.fact;

import org.jspecify.annotations.NullMarked;
