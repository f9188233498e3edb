package emberyard.core.build;

import emberyard.core.thing.DesignThing;
import emberyard.core.units.Require;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

/**
 * A program that runs for screens or lights as long as the machine does.
 *
 * @param processorPercent share of the processor that it takes, 0 to 100
 * @param memoryMb 0 to 1,000,000
 * @param graphicsPercent share of the graphics, 0 to 100
 * @param startsItself whether it starts with the machine
 * @param readsSensors whether it reads temperatures and loads
 * @param claims buses and devices that it wants for itself, apart by commas: "memory lights, fan
 *     bus"
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
    String claims,
    List<String> drives,
    String version)
    implements DesignThing, ProgramBuilder.With {
  public Program {
    Require.text("id", id);
    Require.text("name", name);
    Require.between("processorPercent", processorPercent, 0, 100, "%");
    Require.between("memoryMb", memoryMb, 0, 1_000_000, "MB");
    Require.between("graphicsPercent", graphicsPercent, 0, 100, "%");
    claims = Require.textOrEmpty("claims", claims);
    drives = Require.list(drives);
    version = Require.textOrEmpty("version", version);
  }

  /**
   * What it wants for itself, one by one, in small letters.
   *
   * <p>Example: "Memory lights, fan bus" → "memory lights" and "fan bus".
   */
  public List<String> claimed() {
    return Stream.of(claims.split(","))
        .map(claim -> claim.trim().toLowerCase(Locale.ROOT))
        .filter(claim -> !claim.isEmpty())
        .distinct()
        .toList();
  }
}
