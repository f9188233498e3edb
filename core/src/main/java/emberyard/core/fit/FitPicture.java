package emberyard.core.fit;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * All that Fit knows of a build.
 *
 * @param space null while no enclosure is chosen
 */
public record FitPicture(
    @Nullable SpacePicture space,
    Fed fed,
    Cooled cooled,
    Aired aired,
    Stands stands,
    List<Worked> worksheets) {}
