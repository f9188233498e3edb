package emberyard.core.fit.power;

import emberyard.core.build.Build;
import emberyard.core.build.Component;
import emberyard.core.build.PortKind;
import emberyard.core.finding.Finding;
import emberyard.core.finding.Remedy;
import emberyard.core.finding.Severity;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/**
 * What a thing of a kind plugs into or gives, where nobody has said it: it would count as nothing
 * without a word.
 */
public final class UnsaidPlugs {
  /** What an expansion slot gives by itself, W; above it a card has plugs of its own. */
  private static final double SLOT_WATTS = 75;

  private UnsaidPlugs() {}

  /** One finding for each component that lacks something of its kind. */
  public static List<Finding> of(Build build) {
    List<Finding> findings = new ArrayList<>();
    for (Component component : build.components()) {
      List<String> lacking = lacking(component);
      if (!lacking.isEmpty()) {
        findings.add(finding(component, lacking));
      }
    }
    return findings;
  }

  /**
   * What its kind usually has and nobody has said.
   *
   * <p>Example: a card of 220 W typed by hand: "an expansion slot it sits in", "the plugs that feed
   * it".
   */
  static List<String> lacking(Component component) {
    List<String> lacking = new ArrayList<>();
    switch (component.kind()) {
      case GRAPHICS -> {
        asked(component, lacking, "the expansion slot it sits in", PortKind.SLOT);
        if (component.peakWatts() > SLOT_WATTS) {
          asked(
              component,
              lacking,
              "the plugs that feed it, more than a slot’s 75 W",
              PortKind.GRAPHICS_8,
              PortKind.GRAPHICS_16,
              PortKind.SATA_POWER,
              PortKind.PERIPHERAL);
        }
      }
      case MEMORY -> {
        asked(component, lacking, "the memory slots it takes", PortKind.MEMORY_SLOT);
        given(component.memoryGb() != null, "how many GB it is", lacking);
      }
      case DRIVE -> {
        asked(
            component,
            lacking,
            "what it is connected to",
            PortKind.M2,
            PortKind.SATA_DATA,
            PortKind.SLOT,
            PortKind.USB2_HEADER,
            PortKind.USB3_HEADER,
            PortKind.TYPE_C_HEADER,
            PortKind.REAR_USB);
        given(component.storageGb() != null, "how many GB it stores", lacking);
      }
      case BOARD -> given(offers(component), "its slots and headers", lacking);
      case SUPPLY -> {
        given(component.supplyWatts() > 0, "how many W it gives", lacking);
        given(offers(component), "the leads it has", lacking);
      }
      case FAN, PUMP ->
          asked(
              component,
              lacking,
              "the header or lead that feeds it",
              PortKind.FAN_HEADER,
              PortKind.PUMP_HEADER,
              PortKind.SATA_POWER,
              PortKind.PERIPHERAL,
              PortKind.USB2_HEADER);
      default -> {
        // others are judged by what they are joined to
      }
    }
    return lacking;
  }

  private static void asked(
      Component component, List<String> lacking, String words, PortKind... kinds) {
    boolean said =
        component.electric() != null
            && component.electric().asks().stream()
                .anyMatch(port -> Stream.of(kinds).anyMatch(kind -> kind == port.kind()));
    given(said, words, lacking);
  }

  private static boolean offers(Component component) {
    return component.electric() != null && !component.electric().offers().isEmpty();
  }

  private static void given(boolean said, String words, List<String> lacking) {
    if (!said) {
      lacking.add(words);
    }
  }

  private static Finding finding(Component component, List<String> lacking) {
    return Finding.of(
            Severity.NOTE,
            "fit",
            "component:" + component.id() + "/unsaid",
            "%s: nobody has said %s".formatted(component.name(), joined(lacking)),
            "Until then it takes and gives nothing of that.",
            "A slot, a plug or a lead that isn’t there is found on the day it goes in.")
        .about(component.id())
        .with(
            Remedy.byHand("Name the product of the library that it is"),
            Remedy.byHand("Type it under Hardware, at what it asks for and offers"));
  }

  private static String joined(List<String> words) {
    return words.size() == 1
        ? words.get(0)
        : String.join(", ", words.subList(0, words.size() - 1))
            + " and "
            + words.get(words.size() - 1);
  }
}
