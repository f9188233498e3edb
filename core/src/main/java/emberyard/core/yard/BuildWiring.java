package emberyard.core.yard;

import emberyard.core.build.Build;
import emberyard.core.build.ScreenPlace;
import emberyard.core.fit.space.Space;
import emberyard.core.light.wire.WiringWork;
import emberyard.core.workshop.WorkshopBook;

/** The wiring of a build, with what its enclosure leaves room for. */
public final class BuildWiring {
  private BuildWiring() {}

  public static WiringWork of(Build build, WorkshopBook book) {
    return WiringWork.of(
        build,
        book,
        components ->
            Space.enclosure(build)
                .map(each -> Space.fits(each, components, ScreenPlace.of(build)))
                .orElse(true));
  }
}
