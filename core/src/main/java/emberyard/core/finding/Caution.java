package emberyard.core.finding;

/**
 * What to say before a step that can hurt someone. Never complete: the product's own data sheet,
 * local codes and licensed people come first.
 */
public enum Caution {
  SOLVENT_SPRAY(
      "Solvent paint",
      "Outdoors or extracted to outside; organic-vapour respirator with particle pre-filter, gloves;"
          + " no flame, heater or spark; no one else breathing it; rags spread to dry.",
      "Vapour burns and harms lungs. The can's data sheet comes first."),
  WATERBORNE_SPRAY(
      "Spray mist",
      "Ventilate; particle mask, gloves; no one else breathing it.",
      "Mist harms lungs even without solvent. The can's data sheet comes first."),
  TWO_PACK(
      "Two-pack paint",
      "Isocyanates: air-fed protection and a booth, by someone trained; else send it out or use"
          + " one-pack.",
      "A few breaths can cause lasting asthma. Local codes come first."),
  SANDING(
      "Sanding dust",
      "Particle mask; wet sand where possible; keep dust off electronics.",
      "Fine dust harms lungs and shorts boards."),
  STAIN(
      "Stain and oil",
      "Gloves, air; rags with oil can self-ignite: dry them flat outdoors or keep them under water in"
          + " a lidded tin.",
      "A balled rag can burn the workshop down overnight."),
  LASER(
      "Laser",
      "Never unattended; extraction on; extinguisher at hand; lid closed.",
      "Sheet can catch fire within seconds."),
  HEAT_BENDING(
      "Bending with heat",
      "Gloves; 150–170 °C for acrylic; air away; hot for minutes after.",
      "Fumes irritate, hot acrylic sticks to skin."),
  HEAT_SET(
      "Heat-set inserts",
      "Tip near 250–300 °C; fume extraction; stand the part firmly.",
      "A tip that slips burns to the bone."),
  MAGNETS(
      "Strong magnets",
      "Away from drives, cards, pacemakers; one at a time.",
      "They jump together, pinch and splinter."),
  METAL_CUTTING(
      "Cutting metal",
      "Eye and ear protection, guard, gloves off near rotating bits; deburr; sparks away from the"
          + " paint store.",
      "Chips blind, edges cut, sparks light vapour."),
  SAWING(
      "Sawing and drilling",
      "Eye protection, piece clamped, gloves off near rotating bits, particle mask.",
      "Sheet snatches when a bit breaks through."),
  ELECTRONICS(
      "Electronics",
      "Wrist strap or touch bare earthed metal; power off at the wall and wait before adding or"
          + " removing.",
      "A spark you can't feel kills a board; stored charge can hurt you."),
  MAINS(
      "Mains",
      "A fixed lead, an inlet or a supply's inside is work for a qualified person, with a test"
          + " certificate. Never open a power supply.",
      "It kills. Local codes and licensed practice come first."),
  COOLANT(
      "Coolant loop",
      "Power off everything but the pump during the leak test; paper towels under every fitting;"
          + " drain before transport when advised.",
      "Coolant on a live board kills it, and can shock you."),
  LIFTING(
      "Lifting",
      "Over 20 kg: two people; glass out before carrying.",
      "Backs and glass break without warning.");

  private final String title;
  private final String says;
  private final String why;

  Caution(String title, String says, String why) {
    this.title = title;
    this.says = says;
    this.why = why;
  }

  public String title() {
    return title;
  }

  public String says() {
    return says;
  }

  public String why() {
    return why;
  }
}
