package emberyard.core.brief;

import emberyard.core.brief.RequirementState.Judge;
import emberyard.core.build.Ban;
import emberyard.core.build.Brief;
import emberyard.core.build.Comparison;
import emberyard.core.build.Limit;
import emberyard.core.build.Measure;
import emberyard.core.build.Requirement;
import emberyard.core.build.Requirement.Outcome;
import emberyard.core.build.RequirementKind;
import emberyard.core.colour.Colour;
import emberyard.core.units.Figures;
import emberyard.core.work.Why;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/**
 * Holds requirements against what is known. Arithmetic goes first; where there is nothing to
 * compute, the thing that is linked answers, then the person who judged.
 */
public final class Evaluation {
  /** Ids of the requirements that follow from the interview. */
  public static final String CAP = "brief/cap";

  public static final String REVEAL = "brief/reveal";

  private static final double LEAST_SURFACE = 0.01;

  private final Facts facts;
  private final String currency;

  private Evaluation(Facts facts, String currency) {
    this.facts = facts;
    this.currency = currency;
  }

  /**
   * @param currency of amounts in the sentences, ISO 4217; empty where none is known
   */
  public static List<RequirementState> of(
      List<Requirement> requirements, Facts facts, String currency) {
    Evaluation evaluation = new Evaluation(facts, currency);
    return requirements.stream().map(each -> evaluation.state(each, false)).toList();
  }

  /** Entered requirements and those that the cap and the day of the brief stand for. */
  public static List<RequirementState> of(
      Brief brief, List<Requirement> requirements, Facts facts, String currency) {
    Evaluation evaluation = new Evaluation(facts, currency);
    List<RequirementState> states = new ArrayList<>();
    for (Requirement derived : derived(brief)) {
      states.add(evaluation.state(derived, true));
    }
    requirements.forEach(each -> states.add(evaluation.state(each, false)));
    return states;
  }

  private static List<Requirement> derived(Brief brief) {
    List<Requirement> derived = new ArrayList<>();
    if (brief.budgetCapMinor() != null) {
      Limit cap =
          Limit.of(Measure.TOTAL_MINOR, Comparison.AT_MOST, brief.budgetCapMinor().doubleValue());
      derived.add(
          Requirement.limited(CAP, "Costs at most the cap", Requirement.Priority.MUST, cap));
    }
    if (brief.revealOn() != null) {
      derived.add(
          Requirement.limited(
              REVEAL,
              "Ready on the day of the reveal",
              brief.revealMovable() ? Requirement.Priority.SHOULD : Requirement.Priority.MUST,
              Limit.by(brief.revealOn())));
    }
    return derived;
  }

  private RequirementState state(Requirement requirement, boolean derived) {
    if (requirement.limit() != null) {
      return limited(requirement, requirement.limit(), derived);
    }
    if (requirement.ban() != null) {
      return banned(requirement, requirement.ban());
    }
    return judged(requirement);
  }

  private RequirementState limited(Requirement requirement, Limit limit, boolean derived) {
    OptionalDouble value = value(limit);
    String wanted =
        "%s %s wanted".formatted(limit.comparison().sign(), written(limit, limit.number()));
    Why why =
        Why.of(
            "%s %s limit".formatted(limit.measure().words(), limit.comparison().sign()),
            value.isEmpty()
                ? "not known yet"
                : source(limit) + " " + written(limit, value.getAsDouble()),
            "limit " + written(limit, limit.number()));
    if (value.isEmpty()) {
      RequirementState person = judged(requirement);
      return new RequirementState(
          requirement, derived, person.outcome(), unknown(limit) + ", " + wanted, person.by(), why);
    }
    boolean holds = limit.comparison().holds(value.getAsDouble(), limit.number());
    if (facts.atLeast().contains(limit.measure())) {
      // the rest can only add: it may break what holds up to now, or mend what lacks
      boolean moreBreaks = limit.comparison() == Comparison.AT_MOST;
      if (holds == moreBreaks) {
        String known = "not known yet, at least " + written(limit, value.getAsDouble());
        RequirementState person = judged(requirement);
        return new RequirementState(
            requirement, derived, person.outcome(), known + ", " + wanted, person.by(), why);
      }
    }
    return new RequirementState(
        requirement,
        derived,
        holds ? Outcome.ANSWERED : Outcome.FAILED,
        written(limit, value.getAsDouble()) + ", " + wanted,
        Judge.ARITHMETIC,
        why);
  }

  private String unknown(Limit limit) {
    return limit.measure() == Measure.SUPPORT_KG && !facts.supportsKg().isEmpty()
        ? "no support is called “%s”".formatted(limit.support())
        : "not known yet";
  }

  private static String source(Limit limit) {
    return switch (limit.measure()) {
      case STORAGE_GB, MEMORY_GB -> "sum of the components";
      case SCREENS -> "screens of the design";
      case WIDTH_MM, HEIGHT_MM, DEPTH_MM -> "outer size";
      case MASS_KG -> "components and made parts";
      case SUPPORT_KG ->
          limit.support().isEmpty()
              ? "the one that carries most"
              : "“%s” at worst".formatted(limit.support());
      case HOT_SPOT_C, NOISE_DBA -> "read at the test";
      case COLOUR_DELTA_E00 -> "nearest surface to " + limit.targetHex();
      case TOTAL_MINOR -> "forecast of what counts";
      case REVEAL_DAY -> "planned finish";
    };
  }

  private OptionalDouble value(Limit limit) {
    if (limit.reading() != null) {
      return OptionalDouble.of(limit.reading());
    }
    if (limit.measure() == Measure.COLOUR_DELTA_E00 && !facts.surfaces().isEmpty()) {
      Colour target = Colour.hex(limit.targetHex());
      return facts.surfaces().stream()
          .filter(surface -> limit.face() == null || surface.face() == limit.face())
          .filter(surface -> surface.share() >= LEAST_SURFACE)
          .mapToDouble(surface -> Colour.hex(surface.hex()).deltaE00(target))
          .min();
    }
    if (limit.measure() == Measure.SUPPORT_KG && !facts.supportsKg().isEmpty()) {
      return facts.supportKg(limit.support());
    }
    Double known = facts.values().get(limit.measure());
    return known == null ? OptionalDouble.empty() : OptionalDouble.of(known);
  }

  private String written(Limit limit, double number) {
    return switch (limit.measure()) {
      case TOTAL_MINOR ->
          currency.isEmpty()
              ? Figures.plain(number) + " minor units"
              : Figures.money(currency, Math.round(number));
      case REVEAL_DAY -> Figures.day(LocalDate.ofEpochDay(Math.round(number)));
      case WIDTH_MM, HEIGHT_MM, DEPTH_MM -> Figures.mm(number);
      case COLOUR_DELTA_E00 -> "ΔE00 " + Figures.plain(number);
      default -> Figures.plain(number) + " " + limit.measure().unit();
    };
  }

  private RequirementState banned(Requirement requirement, Ban ban) {
    List<Facts.Present> found = found(facts, ban);
    String names = String.join(", ", found.stream().map(Facts.Present::name).toList());
    Outcome outcome =
        !found.isEmpty() ? Outcome.FAILED : facts.facesDrawn() ? Outcome.ANSWERED : Outcome.OPEN;
    String numbers =
        switch (outcome) {
          case FAILED -> "%d found: %s".formatted(found.size(), names);
          case ANSWERED -> "none on the faces that show";
          case OPEN -> "no faces drawn yet";
        };
    return new RequirementState(
        requirement,
        false,
        outcome,
        numbers,
        outcome == Outcome.OPEN ? Judge.NOBODY : Judge.ARITHMETIC,
        Why.of("count of what is banned on the faces that show = 0", ban.words(), numbers));
  }

  /** What breaks a ban. */
  static List<Facts.Present> found(Facts facts, Ban ban) {
    return facts.things().stream()
        .filter(thing -> ban.item() == null || thing.kind() == ban.item())
        .filter(thing -> ban.material() == null || thing.material() == ban.material())
        .filter(thing -> ban.face() == null || thing.face() == ban.face())
        .toList();
  }

  private RequirementState judged(Requirement requirement) {
    String link = link(requirement);
    if (requirement.outcome() == Outcome.FAILED) {
      return said(requirement, Outcome.FAILED, requirement.answer(), Judge.PERSON);
    }
    if (link != null && facts.links().contains(link)) {
      return said(requirement, Outcome.ANSWERED, "", Judge.THING);
    }
    if (link != null && facts.waiting().containsKey(link)) {
      return said(requirement, Outcome.OPEN, facts.waiting().get(link), Judge.NOBODY);
    }
    if (requirement.outcome() == Outcome.ANSWERED) {
      return said(requirement, Outcome.ANSWERED, "", Judge.PERSON);
    }
    return said(
        requirement, Outcome.OPEN, link == null ? "" : "what answered it is gone", Judge.NOBODY);
  }

  private static @Nullable String link(Requirement requirement) {
    return requirement.answeredBy() == null
        ? null
        : requirement.answeredBy().kind() + "/" + requirement.answeredBy().id();
  }

  private static RequirementState said(
      Requirement requirement, Outcome outcome, String numbers, Judge by) {
    String who =
        switch (by) {
          case THING -> "the thing it points at is in the design";
          case PERSON -> "a person judged: " + requirement.answer();
          default -> "nobody and nothing yet";
        };
    boolean measurable = requirement.kind() == RequirementKind.LOOK;
    return new RequirementState(
        requirement,
        false,
        outcome,
        numbers,
        by,
        Why.of(measurable ? "a person looks" : "a thing or a person answers", who));
  }
}
