package emberyard.server.yard;

import emberyard.core.brief.RequirementState;
import emberyard.core.build.Build;
import emberyard.core.build.Requirement;
import emberyard.core.build.RequirementKind;
import emberyard.core.finding.Finding;
import emberyard.core.supply.OrderBook;
import emberyard.core.yard.BuildModel;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/** What of a build speaks of money in words, left out for helpers. */
record MoneySight(BuildModel model, boolean owner) {
  Build build() {
    Build build = model.build();
    return owner
        ? build
        : build.with(
            Requirement.class, build.requirements().stream().filter(MoneySight::free).toList());
  }

  List<RequirementState> coverage() {
    return model.coverage().stream().filter(state -> owner || free(state.requirement())).toList();
  }

  List<Finding> findings() {
    Set<String> priced =
        model.build().requirements().stream()
            .filter(requirement -> !free(requirement))
            .map(Requirement::id)
            .collect(Collectors.toSet());
    return model.told().stream()
        .filter(finding -> owner || !finding.capability().equals("money"))
        .filter(finding -> owner || !OrderBook.tellsPrices(finding))
        .filter(
            finding -> owner || finding.thingId() == null || !priced.contains(finding.thingId()))
        .toList();
  }

  private static boolean free(Requirement requirement) {
    return requirement.kind() != RequirementKind.MONEY;
  }
}
