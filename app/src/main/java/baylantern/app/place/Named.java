package baylantern.app.place;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;

/** A name to give. */
record Named(
        @NotBlank(message = "needs a name") @Size(max = 120, message = "is at most 120 characters")
        String name) {}
