package emberyard.core.build;

import emberyard.core.units.Require;

/**
 * Bought hardware.
 *
 * @param source bought, already owned, or brought by the client; the last two are never ordered
 * @param forLook true where it serves the look, false where it serves performance
 * @param priceMinor price of one; for owned and brought things what it counts for, 0 allowed
 * @param leadDays from order to arrival, −1 for the supplier's own
 * @param massKg of one, 0 to 100
 * @param peakWatts most one draws, 0 to 3,000
 * @param supplyWatts what it gives as a supply, 0 otherwise
 * @param hdmiOutputs sockets it offers for screens
 * @param displayPortOutputs sockets it offers for screens
 * @param typeCOutputs sockets it offers for screens
 * @param lightHeaders 5 V or 12 V light headers it offers, 3 A each
 */
public record Component(
    String id,
    String name,
    ComponentKind kind,
    int quantity,
    Source source,
    boolean forLook,
    long priceMinor,
    String supplierId,
    int leadDays,
    double massKg,
    double peakWatts,
    double supplyWatts,
    int hdmiOutputs,
    int displayPortOutputs,
    int typeCOutputs,
    int lightHeaders) {
  public Component {
    Require.text("id", id);
    Require.text("name", name);
    Require.given("kind", kind);
    Require.between("quantity", quantity, 1, 500, "pieces");
    Require.given("source", source);
    Require.between("priceMinor", priceMinor, 0, 100_000_000, "minor units");
    supplierId = Require.textOrEmpty("supplierId", supplierId);
    Require.between("leadDays", leadDays, -1, 365, "days");
    Require.between("massKg", massKg, 0, 100, "kg");
    Require.between("peakWatts", peakWatts, 0, 3_000, "W");
    Require.between("supplyWatts", supplyWatts, 0, 3_000, "W");
    Require.between("hdmiOutputs", hdmiOutputs, 0, 16, "outputs");
    Require.between("displayPortOutputs", displayPortOutputs, 0, 16, "outputs");
    Require.between("typeCOutputs", typeCOutputs, 0, 16, "outputs");
    Require.between("lightHeaders", lightHeaders, 0, 16, "headers");
  }
}
