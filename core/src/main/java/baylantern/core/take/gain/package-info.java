/** What moves take: a logistic regression over the facts, how well it foretells, and which of two is better. */
@NullMarked
package baylantern.core.take.gain;

import org.jspecify.annotations.NullMarked;
