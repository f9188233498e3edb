package emberyard.core.supply.proof;

import emberyard.core.build.Build;
import emberyard.core.build.Component;
import emberyard.core.build.Source;
import emberyard.core.build.Tried;
import emberyard.core.finding.Caution;
import emberyard.core.record.Offer;
import emberyard.core.record.OrderLine;
import emberyard.core.supply.Offers;
import emberyard.core.supply.OrderBook;
import emberyard.core.work.Need;
import emberyard.core.work.Stage;
import emberyard.core.work.StationKind;
import emberyard.core.work.Task;
import emberyard.core.work.Why;
import emberyard.core.workshop.WorkshopBook;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * A used, opened, untested, given or lent component that has to be shown to work while something
 * can still be done about it: its parcel, then a set in which it can be proven, then the proof.
 *
 * @param taskKey of the proof; one that came in place of another has its own
 * @param order the line it came with, null while it is not ordered, or was given or lent
 * @param what it has been through, in words
 * @param set what of the build it is proven with
 * @param lastReturn the last day on which its shop takes it back, null where nobody does
 */
public record EarlyProof(
    String taskKey,
    Component component,
    @Nullable OrderLine order,
    String what,
    List<Component> set,
    @Nullable LocalDate lastReturn) {
  /** A proof is planned so many days before the last day of return. */
  public static final int DAYS_BEFORE = 3;

  public EarlyProof {
    set = List.copyOf(set);
  }

  /**
   * All that a build has to prove early.
   *
   * @param needs of the build; what is bought comes as they say
   */
  public static List<EarlyProof> of(
      Build build, List<Need> needs, WorkshopBook book, LocalDate today) {
    Map<String, Need> byKey =
        needs.stream().collect(Collectors.toMap(Need::key, n -> n, (a, b) -> a));
    List<EarlyProof> proofs = new ArrayList<>();
    for (Component component : build.components()) {
      List<Component> set = ProofSet.of(component, build.components());
      untried(component)
          .ifPresent(
              what ->
                  proofs.add(new EarlyProof(ownKey(component), component, null, what, set, null)));
      Need need = byKey.get("component:" + component.id());
      if (need != null) {
        bought(build, component, need, book, today)
            .forEach(
                each ->
                    proofs.add(
                        new EarlyProof(
                            each.key, component, each.order, each.what, set, each.lastReturn)));
      }
    }
    return List.copyOf(proofs);
  }

  /** What nobody sold, and nobody has seen working: what it is, in words. */
  private static Optional<String> untried(Component component) {
    if (component.tried() == Tried.WORKS) {
      return Optional.empty();
    }
    boolean untested = component.tried() == Tried.UNTESTED;
    String words = untested ? Tried.UNTESTED.words() : "";
    return switch (component.source()) {
      case GIVEN -> Optional.of(untested ? "given, " + words : "given");
      case LENT -> Optional.of(untested ? "lent, " + words : "lent");
      case OWNED, CLIENT -> Optional.of(words).filter(each -> untested);
      case BUY -> Optional.empty();
    };
  }

  private static String ownKey(Component component) {
    return "component:" + component.id() + "/proven";
  }

  /** One that is bought, or will be. */
  private record Bought(
      String key, @Nullable OrderLine order, String what, @Nullable LocalDate lastReturn) {}

  private static List<Bought> bought(
      Build build, Component component, Need need, WorkshopBook book, LocalDate today) {
    List<Bought> all = new ArrayList<>();
    for (OrderLine line : build.liveOrders(need.key())) {
      if (line.condition() != Offer.Condition.NEW) {
        LocalDate last = OrderBook.lastReturn(line, book).orElse(null);
        all.add(new Bought("order:" + line.id() + "/proven", line, words(line.condition()), last));
      }
    }
    Optional<Offer> held = Offers.held(build, need.key());
    if (held.isPresent() && held.get().condition() != Offer.Condition.NEW && build.open(need) > 0) {
      LocalDate arrives = today.plusDays(need.leadDays());
      LocalDate last =
          OrderBook.lastReturn(need.supplierId(), held.get().returnDays(), arrives, book)
              .orElse(null);
      all.add(new Bought(ownKey(component), null, words(held.get().condition()), last));
    }
    return all;
  }

  private static String words(Offer.Condition condition) {
    return condition == Offer.Condition.USED ? "used" : "opened";
  }

  /**
   * The last day on which it is to be proven: {@value #DAYS_BEFORE} days before the last day of
   * return, so that it can be packed and sent; null where nobody takes it back.
   *
   * <p>Example: to be sent back until 15 March: 12 March.
   */
  public @Nullable LocalDate by() {
    return lastReturn == null ? null : lastReturn.minusDays(DAYS_BEFORE);
  }

  /** Whether a shop sold it, or will. */
  public boolean bought() {
    return component.source() == Source.BUY;
  }

  /** What has to be there before it can be proven. */
  private boolean asks(Need need) {
    return need.key().equals("component:" + component.id())
        || set.stream().anyMatch(each -> need.key().equals("component:" + each.id()));
  }

  /** The same needs, those of proofs asked for by them too. */
  public static List<Need> asking(List<EarlyProof> proofs, List<Need> needs) {
    return proofs.isEmpty() ? needs : needs.stream().map(need -> asked(proofs, need)).toList();
  }

  private static Need asked(List<EarlyProof> proofs, Need need) {
    List<String> by = new ArrayList<>(need.neededBy());
    proofs.stream().filter(proof -> proof.asks(need)).forEach(proof -> by.add(proof.taskKey));
    return by.size() == need.neededBy().size() ? need : need.with(each -> each.neededBy(by));
  }

  /**
   * The proof.
   *
   * @param behind what comes before anything is ordered
   */
  public Task task(WorkshopBook book, String behind) {
    int minutes = book.workshop().times().hardwareProofMinutes();
    Why why =
        Why.of(
            "as long as the proof of all hardware",
            minutes + " min (default)",
            set.isEmpty() ? "by itself" : "with " + joined(Component::name));
    return Task.of(taskKey, title(), Stage.ASSEMBLE, minutes, why)
        .about(component.id())
        .at(StationKind.BENCH)
        .behind(behind)
        .asGate()
        .saying(List.of(Caution.ELECTRONICS, Caution.MAINS));
  }

  private String title() {
    String with =
        set.isEmpty()
            ? "on the bench"
            : "with " + joined(each -> each.kind().name().toLowerCase(Locale.ROOT));
    return "Prove %s (%s) %s".formatted(component.name(), what, with);
  }

  private String joined(Function<Component, String> words) {
    return set.stream().map(words).distinct().collect(Collectors.joining(", "));
  }
}
