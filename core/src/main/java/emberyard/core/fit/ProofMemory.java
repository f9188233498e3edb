package emberyard.core.fit;

import emberyard.core.build.Build;
import emberyard.core.build.Component;
import emberyard.core.build.Enclosure;
import emberyard.core.build.FaceItem;
import emberyard.core.build.ItemKind;
import emberyard.core.build.Loop;
import emberyard.core.build.Requirement;
import emberyard.core.build.Screen;
import emberyard.core.build.Size;
import emberyard.core.build.Worksheet;
import emberyard.core.fit.stability.Balance.Weight;
import emberyard.core.glow.LightLoad;
import emberyard.core.units.Remembered;
import emberyard.core.workshop.HardwareProduct;
import emberyard.core.workshop.StepTimes;
import emberyard.core.workshop.Supplier;
import emberyard.core.workshop.WorkshopBook;
import java.util.List;
import java.util.Objects;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * Remembers the proofs of the last builds. A proof follows from what is asked alone, so remembering
 * it changes nothing but the time: the yard is derived on every write, and all builds but one are
 * as they were.
 */
final class ProofMemory {
  private static final int MOST = 160;

  private final Remembered<Key, FitWork> proofs = new Remembered<>(MOST);

  /** The proof of what is asked. */
  FitWork get(Key asked, Function<Key, FitWork> proving) {
    return proofs.get(asked, proving);
  }

  /** All that a proof looks at. */
  record Key(
      String buildId,
      List<Component> components,
      List<Enclosure> enclosures,
      List<Loop> loops,
      List<Worksheet> worksheets,
      List<Screen> screens,
      List<FaceItem> screensOnFaces,
      List<LightLoad> lights,
      List<Requirement> requirements,
      @Nullable Size drawn,
      List<Weight> parts,
      StepTimes times,
      List<Supplier> suppliers,
      List<HardwareProduct> library) {

    static Key of(Build build, WorkshopBook book, List<Weight> parts) {
      return new Key(
          build.id(),
          build.components(),
          build.enclosures(),
          build.loops(),
          build.worksheets(),
          build.screens(),
          build.items().stream().filter(item -> item.kind() == ItemKind.SCREEN).toList(),
          LightLoad.of(build),
          build.requirements(),
          build.concept().look().size(),
          parts,
          book.workshop().times(),
          book.suppliers(),
          book.hardware());
    }

    /** Of what tells builds apart: the library is long and nearly always the same. */
    @Override
    public int hashCode() {
      return Objects.hash(buildId, components, enclosures, loops, worksheets, parts);
    }
  }
}
