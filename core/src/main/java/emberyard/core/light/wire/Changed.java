package emberyard.core.light.wire;

import emberyard.core.build.Build;
import emberyard.core.build.Component;
import emberyard.core.build.Screen;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

/** Builds with one thing changed. */
final class Changed {
  private Changed() {}

  static UnaryOperator<Build> screen(String id, UnaryOperator<Screen> change) {
    return build ->
        build.with(
            Screen.class,
            build.screens().stream()
                .map(each -> each.id().equals(id) ? change.apply(each) : each)
                .toList());
  }

  static UnaryOperator<Build> withoutScreen(String id) {
    return build ->
        build.with(
            Screen.class, build.screens().stream().filter(each -> !each.id().equals(id)).toList());
  }

  static UnaryOperator<Build> component(Component instead) {
    return build ->
        build.with(
            Component.class,
            build.components().stream()
                .map(each -> each.id().equals(instead.id()) ? instead : each)
                .toList());
  }

  static UnaryOperator<Build> withoutComponent(String id) {
    return build ->
        build.with(
            Component.class,
            build.components().stream().filter(each -> !each.id().equals(id)).toList());
  }

  static UnaryOperator<Build> more(Component added) {
    return build -> {
      List<Component> more = new ArrayList<>(build.components());
      more.add(added);
      return build.with(Component.class, more);
    };
  }
}
