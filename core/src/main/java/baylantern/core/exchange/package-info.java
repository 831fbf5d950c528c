/** Reading a grower's own old notebook: dialect, dates, lengths, words and spellings. */
@NullMarked
package baylantern.core.exchange;

import org.jspecify.annotations.NullMarked;
