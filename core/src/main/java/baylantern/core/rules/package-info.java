/** The rulebook: species, techniques, kinship, visits and schools, with every figure's unit, range and reason. */
@NullMarked
package baylantern.core.rules;

import org.jspecify.annotations.NullMarked;
