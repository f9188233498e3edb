package emberyard.core.supply;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * When a thing that may have to go back is shown to work.
 *
 * @param taskKey of the proof
 * @param by the last day for it, null where nobody takes the thing back
 * @param plannedOn the day it is planned to be finished, null once it is, or without a plan
 * @param passed whether it works
 */
public record ProofDue(
    String taskKey, @Nullable LocalDate by, @Nullable LocalDate plannedOn, boolean passed) {}
