package emberyard.core.concept;

import emberyard.core.build.ItemKind;
import emberyard.core.build.LightStrip;
import emberyard.core.build.PaletteColour;
import emberyard.core.build.PaletteColour.Role;
import emberyard.core.colour.Colour;
import emberyard.core.colour.Difference;
import emberyard.core.colour.Vision;
import emberyard.core.elevation.Elevation;
import emberyard.core.elevation.ElevationItem;
import emberyard.core.elevation.Shares;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.units.Figures;
import java.util.ArrayList;
import java.util.List;

/** Judges a palette: shares, legible text, eyes, lights, and what the stock list can do. */
final class PaletteChecks {
  /** Engraved and printed text against its ground, WCAG 2 level AA. */
  static final double LEGIBLE = 4.5;

  private final String conceptId;
  private final List<PaletteColour> palette;
  private final List<Colour> colours;
  private final List<Finding> findings = new ArrayList<>();

  private PaletteChecks(String conceptId, List<PaletteColour> palette) {
    this.conceptId = conceptId;
    this.palette = palette;
    this.colours = palette.stream().map(colour -> Colour.hex(colour.hex())).toList();
  }

  static List<Finding> of(
      String conceptId,
      List<PaletteColour> palette,
      List<Elevation> faces,
      Shares shares,
      List<LightStrip> strips,
      StockPalette stock) {
    PaletteChecks checks = new PaletteChecks(conceptId, palette);
    checks.shares(shares);
    checks.text(faces);
    checks.eyes();
    checks.lights(strips);
    checks.stock(stock);
    return checks.findings;
  }

  /** Rules of thumb: base 50 to 70 %, second 20 to 40 %, accent 5 to 15 % of what shows. */
  private void shares(Shares shares) {
    if (shares.countedMm2() == 0) {
      return;
    }
    share(shares, Role.BASE, 0.6, 0.5, 0.7);
    share(shares, Role.SECOND, 0.3, 0.2, 0.4);
    share(shares, Role.ACCENT, 0.1, 0.05, 0.15);
  }

  private void share(Shares shares, Role role, double wanted, double least, double most) {
    double share = 0;
    boolean there = false;
    for (int i = 0; i < palette.size(); i++) {
      if (palette.get(i).role() == role) {
        share += shares.perColour().get(i);
        there = true;
      }
    }
    if (!there || (share >= least && share <= most)) {
      return;
    }
    String name = role.name().toLowerCase(java.util.Locale.ROOT);
    note(
        "share/" + name,
        "The %s covers %.0f %% of what shows; about %.0f %% is usual"
            .formatted(name, share * 100, wanted * 100),
        "Areas of the faces that show, by nearest palette colour; usual is %.0f to %.0f %% (rule of thumb)."
            .formatted(least * 100, most * 100),
        "Sixty, thirty, ten keeps one colour in charge.",
        Remedy.byHand(share < least ? "Give it more of a face" : "Let another colour have more"));
  }

  private void text(List<Elevation> faces) {
    int text = first(Role.TEXT);
    int base = first(Role.BASE);
    if (text >= 0 && base >= 0) {
      double contrast = colours.get(text).contrast(colours.get(base));
      if (contrast < LEGIBLE) {
        note(
            "text",
            "Text reads at %.1f to 1 on the base; 4.5 to 1 wanted".formatted(contrast),
            "Contrast ratio of “%s” on “%s”."
                .formatted(palette.get(text).name(), palette.get(base).name()),
            "Engraved and printed words can’t be read at arm’s length.",
            Remedy.byHand("Make the text lighter or the base darker"));
      }
    }
    for (Elevation face : faces) {
      for (ElevationItem drawn : face.items()) {
        words(face, drawn);
      }
    }
  }

  private void words(Elevation face, ElevationItem drawn) {
    if (drawn.words().isBlank() || drawn.kind() == ItemKind.SCREEN) {
      return;
    }
    double x = drawn.place().centreX();
    double y = drawn.place().centreY();
    if (drawn.equals(face.seenAt(x, y))) {
      return;
    }
    Colour ground = face.colourAt(x, y);
    double contrast = Colour.hex(drawn.colourHex()).contrast(ground);
    if (contrast >= LEGIBLE) {
      return;
    }
    findings.add(
        Finding.of(
                Severity.NOTE,
                "concept",
                "face:" + drawn.id() + "/legible",
                "“%s” reads at %.1f to 1; 4.5 to 1 wanted".formatted(drawn.words(), contrast),
                "%s on %s.".formatted(drawn.colourHex(), ground.hex()),
                "Engraved and printed words can’t be read at arm’s length.")
            .about(drawn.id())
            .at(x, y, Math.max(12, drawn.place().widthMm() / 2))
            .with(Remedy.byHand("Give it a colour further from its ground")));
  }

  private void eyes() {
    for (Vision vision : Vision.values()) {
      for (Vision.Collapse pair : vision.collapsing(colours)) {
        String one = palette.get(pair.first()).name();
        String other = palette.get(pair.second()).name();
        note(
            "eyes/%s/%s/%s".formatted(vision, one, other),
            "“%s” and “%s” become one for viewers with %s".formatted(one, other, vision.words()),
            "ΔE00 %s before, %s as they see it; under 8 is one colour."
                .formatted(Figures.plain(pair.before()), Figures.plain(pair.after())),
            "One man in twelve sees red and green less well.",
            Remedy.byHand("Set them apart by lightness too"));
      }
    }
  }

  private void lights(List<LightStrip> strips) {
    List<String> seen = new ArrayList<>();
    for (LightStrip strip : strips) {
      if (seen.contains(strip.colourHex())) {
        continue;
      }
      seen.add(strip.colourHex());
      Colour light = Colour.hex(strip.colourHex());
      List<String> pairs = new ArrayList<>();
      for (int i = 0; i < colours.size(); i++) {
        for (int j = i + 1; j < colours.size(); j++) {
          if (merges(i, j, light)) {
            pairs.add("“%s” and “%s”".formatted(palette.get(i).name(), palette.get(j).name()));
          }
        }
      }
      if (!pairs.isEmpty()) {
        note(
            "light/" + strip.colourHex(),
            "Under “%s” %s are hard to tell apart".formatted(strip.name(), pairs.get(0)),
            "Closer than ΔE00 8 in that light: %s.".formatted(String.join("; ", pairs)),
            "A swatch in daylight says nothing about a lit case.",
            Remedy.byHand("Light it whiter, or set them apart by lightness"));
      }
    }
  }

  private boolean merges(int i, int j, Colour light) {
    if (palette.get(i).role() == Role.GLOW || palette.get(j).role() == Role.GLOW) {
      return false;
    }
    double before = colours.get(i).deltaE00(colours.get(j));
    double after = colours.get(i).under(light, 1).deltaE00(colours.get(j).under(light, 1));
    return Difference.runTogether(before, after);
  }

  private void stock(StockPalette stock) {
    for (int i = 0; i < palette.size(); i++) {
      PaletteColour wanted = palette.get(i);
      StockPalette.Match best = wanted.role() == Role.GLOW ? null : stock.best(wanted.hex());
      if (best != null && best.deltaE00() > Difference.OTHER_COLOUR) {
        findings.add(unmatched(i, wanted, best, stock.bestMix(wanted.hex())));
      }
    }
  }

  private Finding unmatched(
      int index,
      PaletteColour wanted,
      StockPalette.Match best,
      StockPalette.@org.jspecify.annotations.Nullable Mix mix) {
    List<Remedy> ways = new ArrayList<>();
    ways.add(
        new Remedy(
            "Move the palette colour to " + best.stock().name(),
            new Remedy.Change(
                "concepts", conceptId, "look.palette." + index + ".hex", 0, best.stock().hex())));
    if (mix != null && mix.deltaE00() < best.deltaE00()) {
      ways.add(
          Remedy.byHand(
              "Mix %s: ΔE00 %s (on paper)".formatted(mix.words(), Figures.plain(mix.deltaE00()))));
    }
    ways.add(Remedy.byHand("Order a test card of the nearest"));
    return Finding.of(
            Severity.RISK,
            "concept",
            "concept/stock/" + wanted.name(),
            "Nothing in stock is near “%s”: ΔE00 %s"
                .formatted(wanted.name(), Figures.plain(best.deltaE00())),
            "Nearest is %s %s, %s."
                .formatted(best.stock().name(), best.stock().hex(), best.words()),
            "Beyond 5 it is a different colour, and the client will see it.")
        .with(ways.toArray(Remedy[]::new));
  }

  private void note(String key, String title, String detail, String why, Remedy way) {
    findings.add(
        Finding.of(Severity.NOTE, "concept", "concept/palette/" + key, title, detail, why)
            .with(way));
  }

  private int first(Role role) {
    for (int i = 0; i < palette.size(); i++) {
      if (palette.get(i).role() == role) {
        return i;
      }
    }
    return -1;
  }
}
