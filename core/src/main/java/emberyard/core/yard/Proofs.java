package emberyard.core.yard;

import emberyard.core.finding.Finding;
import emberyard.core.prove.ProveWork;
import emberyard.core.supply.OrderBook;
import emberyard.core.supply.Parcel;
import emberyard.core.supply.ProofDue;
import emberyard.core.supply.proof.EarlyProof;
import emberyard.core.supply.proof.ProofFindings;
import emberyard.core.supply.proof.ProofFindings.Standing;
import emberyard.core.workshop.WorkshopBook;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Things that are shown to work while something can be done about it, against the plan: what they
 * are proven with is ordered for that day, which may be long before the machine needs it.
 *
 * @param latest per task key, the latest start that keeps the reveal, where it has a day, and the
 *     way back
 */
record Proofs(List<Standing> standing, Map<String, LocalDateTime> latest) {

  static Proofs of(
      boolean hasReveal,
      Derivation derived,
      List<TaskModel> tasks,
      WorkshopBook book,
      LocalDate today) {
    Map<String, TaskModel> byKey = new HashMap<>();
    Map<String, LocalDateTime> latest = new HashMap<>();
    for (TaskModel model : tasks) {
      byKey.put(model.task().key(), model);
      if (model.planned() != null && hasReveal) {
        latest.put(model.task().key(), model.planned().latestStart());
      }
    }
    LocalDateTime assembled = latest.get(ProveWork.HARDWARE);
    List<Standing> standing = new ArrayList<>();
    for (EarlyProof proof : derived.proofs()) {
      LocalDate by = proof.bought() ? proof.by() : another(proof, assembled, book);
      standing.add(new Standing(proof, due(proof, by, byKey.get(proof.taskKey()))));
      LocalDate last = stillPossible(by, proof.lastReturn(), today);
      TaskModel task = byKey.get(proof.taskKey());
      if (last != null && task != null && task.planned() != null) {
        latest.merge(proof.taskKey(), last.atStartOfDay(), Proofs::earlier);
      }
    }
    return new Proofs(standing, latest);
  }

  /** The day that is still ahead: with the days to send it back, or without; null for neither. */
  private static @Nullable LocalDate stillPossible(
      @Nullable LocalDate by, @Nullable LocalDate lastReturn, LocalDate today) {
    return Stream.of(Optional.ofNullable(by), Optional.ofNullable(lastReturn))
        .flatMap(Optional::stream)
        .filter(day -> !day.isBefore(today))
        .findFirst()
        .orElse(null);
  }

  /** The last day on which another can be ordered in place of one that nobody sold. */
  private static @Nullable LocalDate another(
      EarlyProof proof, @Nullable LocalDateTime assembled, WorkshopBook book) {
    int lead =
        proof.component().leadDays() >= 0
            ? proof.component().leadDays()
            : book.leadDays(proof.component().supplierId());
    return assembled == null
        ? null
        : OrderBook.orderBy(assembled.toLocalDate(), lead, book.workshop().hours());
  }

  private static LocalDateTime earlier(LocalDateTime one, LocalDateTime other) {
    return one.isBefore(other) ? one : other;
  }

  private static ProofDue due(EarlyProof proof, @Nullable LocalDate by, @Nullable TaskModel task) {
    LocalDate planned =
        task == null || task.planned() == null ? null : task.planned().finish().toLocalDate();
    boolean passed = task != null && task.doneAt() != null;
    return new ProofDue(proof.taskKey(), by, planned, passed);
  }

  /** By id of the line that has to be shown to work. */
  Map<String, ProofDue> due() {
    Map<String, ProofDue> due = new HashMap<>();
    for (Standing each : standing) {
      if (each.proof().order() != null) {
        due.put(each.proof().order().id(), each.due());
      }
    }
    return due;
  }

  List<Finding> findings(List<Parcel> parcels) {
    return ProofFindings.of(standing, parcels);
  }
}
