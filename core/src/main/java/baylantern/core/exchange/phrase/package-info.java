/** What a grower wrote of a graft's fate, understood whole or asked. */
@NullMarked
package baylantern.core.exchange.phrase;

import org.jspecify.annotations.NullMarked;
