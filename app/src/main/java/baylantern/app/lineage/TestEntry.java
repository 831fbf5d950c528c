package baylantern.app.lineage;

import baylantern.core.lineage.HealthTest;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** A test as entered; of what the key names, for instance PLANT-12 or SOURCE-3. */
public record TestEntry(
        @NotBlank(message = "needs what was tested") String key,
        @NotNull(message = "needs its day") LocalDate day,

        @NotBlank(message = "needs what was looked for") @Size(max = 200, message = "is at most 200 characters")
        String subject,

        @NotNull(message = "needs its result") HealthTest.Result outcome,

        @DecimalMin(value = "1", message = "is from 1 to 3650 days")
        @DecimalMax(value = "3650", message = "is from 1 to 3650 days")
        @Nullable
        Integer validDays,

        @Nullable @Size(max = 200, message = "is at most 200 characters")
        String lab) {}
