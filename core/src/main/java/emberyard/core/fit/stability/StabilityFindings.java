package emberyard.core.fit.stability;

import emberyard.core.build.Build;
import emberyard.core.build.Enclosure;
import emberyard.core.build.Size;
import emberyard.core.build.Unweighed;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import emberyard.core.fit.space.Space;
import java.util.ArrayList;
import java.util.List;

/** Judgements on weight and balance. */
public final class StabilityFindings {
  private static final double ONE_PERSON_KG = 20;
  private static final double DRAWN_MM = 0.5;

  private StabilityFindings() {}

  public static List<Finding> of(Build build, Stability stability) {
    List<Finding> findings = new ArrayList<>();
    Balance balance = stability.balance();
    if (balance != null && balance.massKg() > ONE_PERSON_KG) {
      findings.add(lifting(balance));
    }
    Enclosure enclosure = Space.enclosure(build).orElse(null);
    List<String> unweighed = Unweighed.of(build);
    if (balance != null && !unweighed.isEmpty()) {
      findings.add(unweighed(unweighed));
    }
    if (enclosure != null && balance != null) {
      tips(enclosure, balance, findings);
      findings.addAll(SupportFindings.of(build, enclosure, stability));
    }
    Size drawn = build.concept().look().size();
    if (enclosure != null && drawn != null && !build.panels().isEmpty()) {
      larger(enclosure, drawn, findings);
    }
    return findings;
  }

  private static Finding unweighed(List<String> names) {
    return Finding.of(
            Severity.NOTE,
            "fit",
            "fit/unweighed",
            names.size() == 1
                ? "The mass of %s is not known".formatted(names.get(0))
                : "The mass of %d things is not known".formatted(names.size()),
            "%s. Mass, loads on the feet and tipping leave that out."
                .formatted(String.join(", ", names)),
            "What is carried, and what the feet bear, is more than the sum says.")
        .with(
            Remedy.byHand(
                "Weigh it and type its mass under Hardware, that of an enclosure under Stands"));
  }

  private static Finding lifting(Balance balance) {
    return Finding.of(
            Severity.NOTE,
            "fit",
            "fit/lifting",
            "The build weighs %.1f kg: two people carry it".formatted(balance.massKg()),
            "Components, made parts and coolant together.",
            "Over 20 kg: two people, and glass out before carrying.")
        .with(Remedy.byHand("Plan a second pair of hands for the hand-over"));
  }

  private static void tips(Enclosure enclosure, Balance balance, List<Finding> findings) {
    for (Balance.Tip tip : balance.tips()) {
      if (tip.degrees() < Balance.LEAST_TIP_DEGREES) {
        findings.add(
            Finding.of(
                    tip.degrees() <= 0 ? Severity.STOP : Severity.RISK,
                    "fit",
                    "fit/tip-" + tip.over().replace(' ', '-'),
                    tip.degrees() <= 0
                        ? "It falls over %s by itself".formatted(edge(tip))
                        : "It tips over %s at %.1f°".formatted(edge(tip), tip.degrees()),
                    "Centre of gravity at %.0f mm right, %.0f mm back, %.0f mm up; 10° or more is wanted."
                        .formatted(
                            balance.centre().xMm(), balance.centre().yMm(), balance.centre().zMm()),
                    "A knock or a pulled cable tips it.")
                .about(enclosure.id())
                .with(
                    Remedy.byHand("Move the feet outwards"),
                    Remedy.byHand("Put the heavy things lower")));
      }
    }
  }

  private static String edge(Balance.Tip tip) {
    return tip.over().contains(" to ")
        ? "the line from %s".formatted(tip.over())
        : "its %s edge".formatted(tip.over());
  }

  private static void larger(Enclosure enclosure, Size drawn, List<Finding> findings) {
    List<String> more = new ArrayList<>();
    add(more, enclosure.widthMm() - drawn.widthMm(), "wider");
    add(more, enclosure.depthMm() - drawn.depthMm(), "deeper");
    add(more, enclosure.heightMm() - drawn.heightMm(), "higher");
    if (!more.isEmpty()) {
      findings.add(
          Finding.of(
                  Severity.RISK,
                  "fit",
                  "fit/larger-than-drawn",
                  "%s is %s than was wished for"
                      .formatted(enclosure.name(), String.join(", ", more)),
                  "Wished for %.0f × %.0f × %.0f mm, the enclosure %.0f × %.0f × %.0f mm (width, depth, height)."
                      .formatted(
                          drawn.widthMm(),
                          drawn.depthMm(),
                          drawn.heightMm(),
                          enclosure.widthMm(),
                          enclosure.depthMm(),
                          enclosure.heightMm()),
                  "Parts drawn to the wish don’t cover its faces.")
              .about(enclosure.id())
              .with(
                  Remedy.byHand(
                      "Draw the parts to the faces as they are now, and make that the wish"),
                  Remedy.byHand("Choose a smaller one")));
    }
  }

  private static void add(List<String> more, double byMm, String word) {
    if (byMm > DRAWN_MM) {
      more.add("%.0f mm %s".formatted(byMm, word));
    }
  }
}
