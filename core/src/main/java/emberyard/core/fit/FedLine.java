package emberyard.core.fit;

import java.util.List;

/**
 * Needs of one kind laid against what is there.
 *
 * @param key "power", "leads-GRAPHICS_8", …
 * @param asks who asks for how much
 * @param offers who offers how much
 */
public record FedLine(
    String key,
    String label,
    String unit,
    double wanted,
    double there,
    List<FedShare> asks,
    List<FedShare> offers,
    String note) {
  public FedLine {
    asks = List.copyOf(asks);
    offers = List.copyOf(offers);
  }

  /** One component's part. */
  public record FedShare(String componentId, String name, double value) {}

  public boolean enough() {
    return wanted <= there + 1e-9;
  }
}
