package emberyard.core.fit.power;

import emberyard.core.build.Build;
import emberyard.core.build.LightStrip;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.glow.LightLoad;
import emberyard.core.units.Figures;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/** Judgements on what screens and lights plug into. They are shown with the lights. */
public final class LightPlugFindings {
  private LightPlugFindings() {}

  public static List<Finding> of(Build build, PowerBudget budget) {
    List<Finding> findings = new ArrayList<>();
    List<LightLoad> loads = LightLoad.of(build);
    List<PowerLine> lacking =
        budget.lines().stream()
            .filter(line -> line.key().startsWith("LIGHT_"))
            .filter(line -> !line.plugged() || overloaded(line, loads))
            .toList();
    if (!lacking.isEmpty()) {
      findings.add(headers(lacking, loads));
    }
    return findings;
  }

  /** Together too much; one strip that alone is too much has a finding of its own. */
  private static boolean overloaded(PowerLine line, List<LightLoad> strips) {
    return !line.enough()
        && strips.stream()
            .filter(LightLoad::onHeader)
            .noneMatch(strip -> strip.amps() > LightStrip.HEADER_AMPS);
  }

  private static Finding headers(List<PowerLine> lacking, List<LightLoad> loads) {
    return Finding.of(
            Severity.RISK,
            "light",
            "light/headers",
            lacking.stream().map(LightPlugFindings::plugs).collect(Collectors.joining("; ")),
            lacking.stream()
                .map(
                    line ->
                        "They draw %s A %s, the headers give %s A."
                            .formatted(
                                Figures.plain(line.wanted()),
                                LightLoad.words(loads),
                                Figures.plain(line.there())))
                .collect(Collectors.joining(" ")),
            "A light without a header has neither current nor data; on a splitter its current adds "
                + "up, and the header's trace burns.")
        .with(Remedy.byHand("Add a light controller"), Remedy.byHand("Use a supply lead"));
  }

  /** "3 plugs on 2 headers of 5 V". */
  private static String plugs(PowerLine line) {
    return "%s of %s".formatted(line.plugWords(), line.key().equals("LIGHT_5V") ? "5 V" : "12 V");
  }
}
