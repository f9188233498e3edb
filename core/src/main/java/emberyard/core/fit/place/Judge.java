package emberyard.core.fit.place;

import java.util.List;
import org.jspecify.annotations.Nullable;

/** Says how good a layout is. */
public interface Judge {
  /** The merit of all things where they lie. */
  Merit of(List<Placed> all);

  /** One thing is moved about while the others stay. */
  Alternatives among(List<Placed> others);

  /** Places for one thing, judged only as far as it takes to know that one is no better. */
  interface Alternatives {
    /** The merit with the thing there; null where it is no better than that. */
    @Nullable Merit better(Placed there, Merit than);
  }
}
