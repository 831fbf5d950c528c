/** Where wood comes from and where it went: sources, tests, standing, parentage, movements, recalls and holds. */
@NullMarked
package baylantern.app.lineage;

import org.jspecify.annotations.NullMarked;
