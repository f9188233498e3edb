package emberyard.server.supply;

import emberyard.core.record.LabelKind;
import emberyard.core.supply.LabelCheck;
import emberyard.core.supply.WaitOrBuy;
import emberyard.core.supply.basket.Basket;
import emberyard.core.supply.basket.BasketProblem;
import emberyard.core.units.Require;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The arithmetic and judgement of buying, without a build. */
@RestController
class SupplyCalculatorController {
  private static final int MOST_FACTS = 50;
  private static final int LONGEST = 200;

  /** Prices seen, and how often one can look again. */
  record WaitAsked(
      @Schema(description = "As they were seen, the oldest first and today’s last, 1 to 2,000")
          List<Double> prices,
      @Schema(
              description = "How often one can look again after today",
              minimum = "0",
              maximum = "365")
          int looksLeft) {}

  /**
   * What to do at today's price.
   *
   * @param limits buy at or below: with one look left, two, and so on
   * @param buyAtOrBelow with the looks that are left; null with none, when it is bought anyhow
   */
  record WaitAnswer(
      List<Double> limits,
      @Nullable Double buyAtOrBelow,
      boolean buy,
      double gain,
      double correlation,
      WaitOrBuy.Trust trust) {}

  /** What was ordered and what the label says, by field of the kind. */
  record CheckAsked(LabelKind kind, Map<String, String> ordered, Map<String, String> label) {}

  /** Where to buy what, so that it costs the least of all that comes in time. */
  @PostMapping("/api/calc/supply/basket")
  Basket basket(@RequestBody BasketProblem asked) {
    return Basket.of(asked);
  }

  @PostMapping("/api/calc/supply/wait")
  WaitAnswer waitOrBuy(@RequestBody WaitAsked asked) {
    Require.given("prices", asked.prices());
    WaitOrBuy rule = WaitOrBuy.of(asked.prices(), asked.looksLeft());
    return new WaitAnswer(
        rule.limits(),
        rule.limits().isEmpty() ? null : rule.buyAtOrBelow(),
        rule.buy(),
        rule.gain(),
        rule.correlation(),
        rule.trust());
  }

  @PostMapping("/api/calc/supply/check")
  LabelCheck check(@RequestBody CheckAsked asked) {
    Require.given("kind", asked.kind());
    return LabelCheck.of(
        asked.kind(), few("ordered", asked.ordered()), few("label", asked.label()));
  }

  private static Map<String, String> few(String field, @Nullable Map<String, String> facts) {
    Require.that(
        facts == null || facts.size() <= MOST_FACTS, field, "That is more than any label says.");
    if (facts == null) {
      return Map.of();
    }
    facts.values().stream()
        .filter(Objects::nonNull)
        .forEach(
            words ->
                Require.that(words.length() <= LONGEST, field, "That is too long for a label."));
    return facts;
  }
}
