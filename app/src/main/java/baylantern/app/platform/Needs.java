package baylantern.app.platform;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** The least role that may ask for this over the shared door; what does not say so is not served there. */
@Target(ElementType.METHOD)
@Retention(RetentionPolicy.RUNTIME)
public @interface Needs {

    /** The least role. */
    Role value();
}
