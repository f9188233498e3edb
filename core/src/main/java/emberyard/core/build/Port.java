package emberyard.core.build;

import emberyard.core.units.Require;
import org.jspecify.annotations.Nullable;

/**
 * Plugs or sockets of one kind on one component.
 *
 * @param count 1 to 64
 * @param leads separate leads they come on; null for one each. A lead with two plugs counts once
 *     where two leads are asked for
 * @param amps each gives or draws, 0 to 20 A; null for the usual figure where it gives, nothing
 *     where it draws
 */
public record Port(PortKind kind, int count, @Nullable Integer leads, @Nullable Double amps) {
  public Port {
    Require.given("kind", kind);
    Require.between("count", count, 1, 64, "pieces");
    if (leads != null) {
      Require.between("leads", leads, 1, count, "leads");
    }
    if (amps != null) {
      Require.between("amps", amps, 0, 20, "A");
    }
  }

  public static Port of(PortKind kind, int count) {
    return new Port(kind, count, null, null);
  }

  /** Separate leads. */
  public int onLeads() {
    return leads == null ? count : leads;
  }
}
