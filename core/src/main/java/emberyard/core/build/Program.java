package emberyard.core.build;

import emberyard.core.thing.DesignThing;
import emberyard.core.units.Require;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;

/**
 * A program that runs for screens or lights as long as the machine does.
 *
 * @param processorPercent share of the processor that it takes, 0 to 100
 * @param memoryMb 0 to 1,000,000
 * @param graphicsPercent share of the graphics, 0 to 100
 * @param startsItself whether it starts with the machine
 * @param readsSensors whether it reads temperatures and loads
 * @param claims buses and devices that it wants for itself: "memory lights", "USB light bus"
 * @param drives screens, components and lights that it serves, by id
 * @param version as it is frozen with the machine, empty while nobody said
 */
@RecordBuilder
public record Program(
    String id,
    String name,
    double processorPercent,
    double memoryMb,
    double graphicsPercent,
    boolean startsItself,
    boolean readsSensors,
    List<String> claims,
    List<String> drives,
    String version)
    implements DesignThing, ProgramBuilder.With {
  public Program {
    Require.text("id", id);
    Require.text("name", name);
    Require.between("processorPercent", processorPercent, 0, 100, "%");
    Require.between("memoryMb", memoryMb, 0, 1_000_000, "MB");
    Require.between("graphicsPercent", graphicsPercent, 0, 100, "%");
    claims = Require.list(claims);
    Require.that(claims.size() <= 20, "claims", "At most 20 claims a program.");
    claims.forEach(claim -> Require.text("claims", claim));
    drives = Require.list(drives);
    version = Require.textOrEmpty("version", version);
  }
}
