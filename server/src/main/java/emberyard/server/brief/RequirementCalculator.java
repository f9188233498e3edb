package emberyard.server.brief;

import emberyard.core.brief.Evaluation;
import emberyard.core.brief.Facts;
import emberyard.core.brief.RequirementState;
import emberyard.core.build.Ban;
import emberyard.core.build.Comparison;
import emberyard.core.build.Face;
import emberyard.core.build.ItemKind;
import emberyard.core.build.ItemMaterial;
import emberyard.core.build.Limit;
import emberyard.core.build.Measure;
import emberyard.core.build.Requirement;
import emberyard.core.build.RequirementKind;
import emberyard.core.units.InvalidValue;
import emberyard.core.units.Require;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/** Holds requirements against facts, without a build. */
@Component
class RequirementCalculator {
  /** Requirements and what is known. */
  record EvaluateQuestion(
      List<AskedRequirement> requirements,
      @Schema(
              description =
                  "Per measure its value: storageGb, memoryGb, screens, widthMm, heightMm, depthMm,"
                      + " massKg, supportKg, hotSpotC, noiseDba, colourDeltaE00, totalMinor as numbers,"
                      + " revealDay as YYYY-MM-DD; present: list of {kind, material, face, name}")
          Map<String, JsonNode> facts) {}

  /** One requirement: a measure with comparison and limit, or a ban, or neither. */
  record AskedRequirement(
      @Nullable String id,
      String text,
      @Schema(description = "must, should or nice; must when left out")
          Requirement.@Nullable Priority priority,
      @Nullable RequirementKind kind,
      @Schema(description = "heightMm, storageGb, …") @Nullable String measure,
      @Schema(description = "atLeast (≥) or atMost (≤)") @Nullable String comparison,
      @Schema(description = "A number in the measure's unit, or a day", type = "object")
          @Nullable JsonNode limit,
      @Nullable Ban ban) {}

  record EvaluateAnswer(List<EvaluatedRequirement> requirements) {}

  /** How one stands, with what was compared. */
  record EvaluatedRequirement(
      String id,
      String text,
      Requirement.Outcome state,
      @Nullable Double value,
      @Nullable Double limit,
      String numbers) {}

  EvaluateAnswer evaluate(EvaluateQuestion question) {
    List<AskedRequirement> asked = Require.list(question.requirements());
    Require.between("requirements", asked.size(), 0, 500, "requirements");
    List<Requirement> requirements =
        Require.each("requirements", asked, RequirementCalculator::requirement);
    Map<String, JsonNode> facts = question.facts() == null ? Map.of() : question.facts();
    Map<Measure, Double> values = values(facts);
    List<Facts.Present> present = present(facts.get("present"));
    Facts known =
        new Facts(
            values,
            Set.of(),
            present,
            List.of(),
            Set.of(),
            facts.containsKey("present"),
            Map.of(),
            Map.of());
    return new EvaluateAnswer(
        Evaluation.of(requirements, known, "").stream()
            .map(state -> answer(state, values))
            .toList());
  }

  private static EvaluatedRequirement answer(RequirementState state, Map<Measure, Double> values) {
    Limit limit = state.requirement().limit();
    return new EvaluatedRequirement(
        state.requirement().id(),
        state.requirement().text(),
        state.outcome(),
        limit == null ? null : values.get(limit.measure()),
        limit == null ? null : limit.number(),
        state.numbers());
  }

  private static Requirement requirement(AskedRequirement asked, int index) {
    String id = asked.id() == null ? "r" + (index + 1) : asked.id();
    Requirement.Priority priority =
        asked.priority() == null ? Requirement.Priority.MUST : asked.priority();
    if (asked.ban() != null) {
      return Requirement.banned(id, asked.text(), priority, asked.ban());
    }
    if (asked.measure() == null) {
      return Requirement.wish(
          id, asked.text(), priority, asked.kind() == null ? RequirementKind.LOOK : asked.kind());
    }
    return Requirement.limited(id, asked.text(), priority, limit(asked));
  }

  private static Limit limit(AskedRequirement asked) {
    Measure measure = Measure.named(asked.measure());
    if (asked.limit() == null) {
      throw new InvalidValue("limit", "Give the limit of " + measure.words() + ".");
    }
    if (measure == Measure.REVEAL_DAY) {
      return Limit.by(day("limit", asked.limit()));
    }
    Comparison comparison = Comparison.named(asked.comparison() == null ? "" : asked.comparison());
    double value = number("limit", asked.limit());
    String target = measure == Measure.COLOUR_DELTA_E00 ? "#000000" : null;
    return new Limit(measure, comparison, value, null, target, null, "", null);
  }

  private static Map<Measure, Double> values(Map<String, JsonNode> facts) {
    Map<Measure, Double> values = new EnumMap<>(Measure.class);
    facts.forEach(
        (name, value) -> {
          if (!name.equals("present")) {
            Measure measure = Measure.named(name);
            values.put(
                measure,
                measure == Measure.REVEAL_DAY
                    ? day("facts." + name, value).toEpochDay()
                    : number("facts." + name, value));
          }
        });
    return values;
  }

  private static List<Facts.Present> present(@Nullable JsonNode things) {
    List<Facts.Present> present = new ArrayList<>();
    if (things != null) {
      for (JsonNode thing : things) {
        String material = thing.path("material").asString("");
        String face = thing.path("face").asString("FRONT");
        present.add(
            new Facts.Present(
                "p" + present.size(),
                thing.path("name").asString("thing"),
                constant(ItemKind.class, "kind", thing.path("kind").asString("")),
                material.isEmpty() ? null : constant(ItemMaterial.class, "material", material),
                constant(Face.class, "face", face)));
      }
    }
    return present;
  }

  private static <E extends Enum<E>> E constant(Class<E> type, String field, String name) {
    for (E each : type.getEnumConstants()) {
      if (each.name().equalsIgnoreCase(name)) {
        return each;
      }
    }
    throw new InvalidValue("facts.present." + field, "“%s” is not known here.".formatted(name));
  }

  private static double number(String field, JsonNode value) {
    if (!value.isNumber()) {
      throw new InvalidValue(field, "Give a number.");
    }
    return value.asDouble();
  }

  private static LocalDate day(String field, JsonNode value) {
    try {
      return LocalDate.parse(value.asString(""));
    } catch (DateTimeException unreadable) {
      throw new InvalidValue(field, "A day is written YYYY-MM-DD.");
    }
  }
}
