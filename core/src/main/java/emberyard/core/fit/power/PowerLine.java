package emberyard.core.fit.power;

import java.util.List;

/**
 * Needs of one kind laid against what is there.
 *
 * @param key "power", "leads-GRAPHICS_8", …
 * @param plugs how many want a socket, where the line counts currents; else the same as wanted
 * @param sockets how many there are of them
 * @param asks who asks for how much
 * @param offers who offers how much
 */
public record PowerLine(
    String key,
    String label,
    String unit,
    double wanted,
    double there,
    double plugs,
    double sockets,
    List<FedShare> asks,
    List<FedShare> offers,
    String note) {
  public PowerLine {
    asks = List.copyOf(asks);
    offers = List.copyOf(offers);
  }

  /** The same with another note. */
  PowerLine saying(String words) {
    return new PowerLine(key, label, unit, wanted, there, plugs, sockets, asks, offers, words);
  }

  /** One component's part. */
  public record FedShare(String componentId, String name, double value) {}

  public boolean enough() {
    return wanted <= there + 1e-9;
  }

  /** Whether each plug has a socket of its own. */
  public boolean plugged() {
    return plugs <= sockets + 1e-9;
  }

  /** "3 plugs on 2 headers". */
  public String plugWords() {
    return "%.0f plug%s on %.0f header%s"
        .formatted(plugs, plugs == 1 ? "" : "s", sockets, sockets == 1 ? "" : "s");
  }
}
