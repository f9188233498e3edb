package emberyard.core.build;

import emberyard.core.thing.Thing;
import emberyard.core.units.Require;
import emberyard.core.work.CostCategory;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What was asked, and the build's own name. Its id is the build's id.
 *
 * @param purpose what it is for
 * @param themeLine the look in one line
 * @param loved what they love about such things
 * @param hated what they never want to see
 * @param standsWhere where it will stand
 * @param hiddenFaces faces nobody sees there
 * @param revealOn day of the hand-over, null while not said
 * @param revealMovable whether that day can move
 * @param budgetCapMinor the most it may cost, null while not said
 * @param capCounts what counts towards the cap
 * @param secrecy how much the client may know before, null while not said
 * @param skipped questions left for later, by key
 * @param begunOn first day of the build
 * @param revealedOn day it was handed over, null before
 * @param programPercent of the processor that programs for screens and lights may take, 0 to 100;
 *     null for the usual {@value #PROGRAM_PERCENT}
 */
@RecordBuilder
public record Brief(
    String id,
    String name,
    String client,
    String purpose,
    String themeLine,
    String loved,
    String hated,
    String standsWhere,
    List<Face> hiddenFaces,
    @Nullable LocalDate revealOn,
    boolean revealMovable,
    @Nullable Long budgetCapMinor,
    List<CostCategory> capCounts,
    @Nullable Secrecy secrecy,
    List<String> skipped,
    LocalDate begunOn,
    @Nullable LocalDate revealedOn,
    @Nullable Double programPercent)
    implements Thing, BriefBuilder.With {
  /** Of the processor, where the client named nothing. Source: the handbook. */
  public static final double PROGRAM_PERCENT = 10;

  public Brief {
    Require.text("id", id);
    Require.text("name", name);
    client = Require.textOrEmpty("client", client);
    purpose = Require.textOrEmpty("purpose", purpose);
    loved = Require.textOrEmpty("loved", loved);
    hated = Require.textOrEmpty("hated", hated);
    themeLine = Require.textOrEmpty("themeLine", themeLine);
    standsWhere = Require.textOrEmpty("standsWhere", standsWhere);
    hiddenFaces = Require.list(hiddenFaces);
    if (budgetCapMinor != null) {
      Require.between("budgetCapMinor", budgetCapMinor, 0, 1_000_000_000L, "minor units");
    }
    if (programPercent != null) {
      Require.between("programPercent", programPercent, 0, 100, "%");
    }
    capCounts = Require.list(capCounts);
    skipped = Require.list(skipped);
    Require.given("begunOn", begunOn);
    Require.that(
        revealOn == null || !revealOn.isBefore(begunOn),
        "revealOn",
        "The reveal can't be before the build begins, %s.".formatted(begunOn));
  }

  /** What programs may take of the processor, %. */
  public double mostProgramPercent() {
    return programPercent == null ? PROGRAM_PERCENT : programPercent;
  }

  /** A build of which only the name is known. */
  public static Brief named(String id, String name, LocalDate begunOn) {
    return BriefBuilder.builder()
        .id(id)
        .name(name)
        .capCounts(List.of(CostCategory.values()))
        .begunOn(begunOn)
        .build();
  }

  /** The same brief, handed over on this day; null opens it again. */
  public Brief revealed(@Nullable LocalDate on) {
    return withRevealedOn(on);
  }
}
