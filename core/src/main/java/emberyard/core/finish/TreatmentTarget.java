package emberyard.core.finish;

import emberyard.core.build.Treatment;
import emberyard.core.geometry.Outline;

/**
 * A treatment with what it lies on, measured.
 *
 * @param shape where it lies; empty for an edge line
 * @param hostName the part or face
 * @param hostRimMm its perimeter
 * @param hostMade key of the task that makes the part, empty for none
 */
public record TreatmentTarget(
    Treatment treatment, Outline shape, String hostName, double hostRimMm, String hostMade) {}
