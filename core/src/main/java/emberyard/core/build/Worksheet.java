package emberyard.core.build;

import emberyard.core.thing.DesignThing;
import emberyard.core.units.Require;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * A small calculation that lives with the build: exactly one of a stack, a screw, standoffs and a
 * shelf.
 *
 * @param stack layers in a cavity
 * @param screw a screw through parts
 * @param standoffs posts under a load
 * @param shelf a panel on two edges that carries
 */
public record Worksheet(
    String id,
    String name,
    @Nullable Stack stack,
    @Nullable Screw screw,
    @Nullable Standoffs standoffs,
    @Nullable Shelf shelf)
    implements DesignThing {
  public Worksheet {
    Require.text("id", id);
    Require.text("name", name);
    long given = Stream.of(stack, screw, standoffs, shelf).filter(Objects::nonNull).count();
    Require.that(
        given == 1, "stack", "A worksheet is a stack, a screw, standoffs or a shelf: one of them.");
  }

  /** One that is no shelf. */
  public Worksheet(
      String id,
      String name,
      @Nullable Stack stack,
      @Nullable Screw screw,
      @Nullable Standoffs standoffs) {
    this(id, name, stack, screw, standoffs, null);
  }

  /**
   * A shelf or panel that rests on two edges and carries something.
   *
   * @param massKg of what stands on it, 0 to 1,000 kg; 0 for not known yet
   * @param spanMm between the edges it rests on, 10 to 5,000 mm
   * @param wideMm across the span, 10 to 5,000 mm
   * @param thicknessMm as measured: 0.5 to 100 mm; ply sold as 6.4 mm is often 4.8
   * @param of what it is
   * @param spread whether the load lies all over it; on one spot in the middle where it is left out
   */
  public record Shelf(
      double massKg,
      double spanMm,
      double wideMm,
      double thicknessMm,
      ShelfMaterial of,
      Boolean spread) {
    public Shelf {
      spread = spread != null && spread;
      Require.between("massKg", massKg, 0, 1_000, "kg");
      Require.between("spanMm", spanMm, 10, 5_000, "mm");
      Require.between("wideMm", wideMm, 10, 5_000, "mm");
      Require.between("thicknessMm", thicknessMm, 0.5, 100, "mm");
      Require.given("of", of);
    }
  }

  /** One layer, 0 to 2,000 mm, with what it may differ by, 0 to 100 mm. */
  public record StackLayer(String name, double nominalMm, double toleranceMm) {
    public StackLayer {
      Require.text("name", name);
      Require.between("nominalMm", nominalMm, 0, 2_000, "mm");
      Require.between("toleranceMm", toleranceMm, 0, 100, "mm");
    }
  }

  /**
   * Layers in a cavity.
   *
   * @param cavityMm 0.5 to 5,000 mm
   * @param wantedGapMm what has to stay free, 0 to 500 mm
   */
  public record Stack(
      double cavityMm, double cavityToleranceMm, List<StackLayer> layers, double wantedGapMm) {
    public Stack {
      Require.between("cavityMm", cavityMm, 0.5, 5_000, "mm");
      Require.between("cavityToleranceMm", cavityToleranceMm, 0, 100, "mm");
      layers = Require.list(layers);
      Require.between("wantedGapMm", wantedGapMm, 0, 500, "mm");
    }
  }

  /**
   * A screw through parts into something.
   *
   * @param diameterMm outer, 1 to 12 mm
   * @param gripMm what it holds together, 0 to 100 mm
   * @param depthMm there is behind, 0.5 to 200 mm
   * @param pieces how many, 1 to 500; 1 where it is left out
   */
  public record Screw(
      double diameterMm, double gripMm, double depthMm, ScrewInto into, Integer pieces) {
    public Screw {
      pieces = pieces == null ? 1 : pieces;
      Require.between("diameterMm", diameterMm, 1, 12, "mm");
      Require.between("gripMm", gripMm, 0, 100, "mm");
      Require.between("depthMm", depthMm, 0.5, 200, "mm");
      Require.given("into", into);
      Require.between("pieces", pieces, 1, 500, "pieces");
    }
  }

  /**
   * Posts under a load.
   *
   * @param count 1 to 40
   * @param coreMm core diameter, 1 to 50 mm
   * @param heightMm 1 to 1,000 mm
   * @param axialN load from above on all, 0 to 100,000 N; 0 where it is left out, so is lateral
   * @param lateralN load from the side on all, 0 to 100,000 N
   * @param person whether someone leans or sits on it; taken to be so where it is left out
   * @param clamped whether both ends can't turn: a shoulder of twice the core on a plate as thick
   *     as the core; not so where it is left out
   * @param heldBy what holds the upper plate sideways, by name; empty where nothing does
   * @param carrying how many posts the load is shared by, 1 to count; three of four where left out
   */
  public record Standoffs(
      int count,
      double coreMm,
      double heightMm,
      Double axialN,
      Double lateralN,
      PostMaterial material,
      Boolean person,
      Boolean clamped,
      String heldBy,
      Integer carrying) {
    public Standoffs {
      axialN = axialN == null ? 0 : axialN;
      lateralN = lateralN == null ? 0 : lateralN;
      person = person == null || person;
      clamped = clamped != null && clamped;
      heldBy = Require.textOrEmpty("heldBy", heldBy);
      Require.between("count", count, 1, 40, "pieces");
      Require.between("coreMm", coreMm, 1, 50, "mm");
      Require.between("heightMm", heightMm, 1, 1_000, "mm");
      Require.between("axialN", axialN, 0, 100_000, "N");
      Require.between("lateralN", lateralN, 0, 100_000, "N");
      Require.given("material", material);
      carrying = carrying == null ? threeOfFour(count) : carrying;
      Require.between("carrying", carrying, 1, count, "posts");
    }

    /** On posts that can turn, with nothing that holds them sideways. */
    public Standoffs(
        int count,
        double coreMm,
        double heightMm,
        Double axialN,
        Double lateralN,
        PostMaterial material,
        Boolean person) {
      this(count, coreMm, heightMm, axialN, lateralN, material, person, null, null, null);
    }

    /** Up to three posts carry all; of more, three in four do: plates and floors are not flat. */
    private static int threeOfFour(int count) {
      return count <= 3 ? count : count * 3 / 4;
    }
  }
}
