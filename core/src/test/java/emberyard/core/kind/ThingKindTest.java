package emberyard.core.kind;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import emberyard.core.build.Build;
import emberyard.core.build.Panel;
import emberyard.core.thing.Thing;
import emberyard.core.workshop.WorkshopBook;
import java.util.Arrays;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class ThingKindTest {
  private static Set<String> lists(Predicate<ThingKind> which) {
    return Stream.of(ThingKind.values())
        .filter(which)
        .map(ThingKind::list)
        .collect(Collectors.toCollection(TreeSet::new));
  }

  private static Set<String> methods(Class<?> type) {
    return Arrays.stream(type.getMethods())
        .map(java.lang.reflect.Method::getName)
        .collect(Collectors.toSet());
  }

  @Test
  void everyThingOfCoreIsOfOneKind() {
    Set<String> things =
        new ClassFileImporter()
                .withImportOption(new ImportOption.DoNotIncludeTests())
                .importPackages("emberyard.core")
                .stream()
                .filter(type -> type.isAssignableTo(Thing.class) && !type.isInterface())
                .map(JavaClass::getName)
                .collect(Collectors.toCollection(TreeSet::new));
    Set<String> kinds =
        Stream.of(ThingKind.values())
            .map(kind -> kind.type().getName())
            .collect(Collectors.toCollection(TreeSet::new));
    assertEquals(kinds, things);
    assertEquals(ThingKind.values().length, kinds.size(), "two kinds of one type");
  }

  @Test
  void aBuildAndTheBookNameTheListOfEachKind() {
    Set<String> ofBuild = lists(ThingKind::ofBuild);
    ofBuild.removeAll(Set.of("briefs", "concepts"));
    Set<String> ofWorkshop = lists(kind -> !kind.ofBuild());
    ofWorkshop.remove("workshops");
    ofBuild.removeAll(methods(Build.class));
    ofWorkshop.removeAll(methods(WorkshopBook.class));
    assertEquals(Set.of(), ofBuild);
    assertEquals(Set.of(), ofWorkshop);
  }

  @Test
  void theWordOfAnAddressIsThatOfTheList() {
    assertEquals("outsideFinishes", ThingKind.OUTSIDE_FINISH.list());
    assertEquals(ThingKind.PANEL, ThingKind.named("panels").orElseThrow());
    assertTrue(ThingKind.named("spoons").isEmpty());
    assertEquals(ThingKind.PANEL, ThingKind.of(Panel.class));
    Thing foreign = () -> "x";
    assertThrows(IllegalArgumentException.class, () -> ThingKind.of(foreign));
  }
}
