/** Days of weather: recorded, forecast, or drawn from the climate of the site. */
@NullMarked
package baylantern.core.season.weather;

import org.jspecify.annotations.NullMarked;
