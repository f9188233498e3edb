package emberyard.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

class ArchitectureTest {
  private static final JavaClasses CORE =
      new ClassFileImporter()
          .withImportOption(new ImportOption.DoNotIncludeTests())
          .importPackages("emberyard.core");

  @Test
  void coreKnowsNoFrameworkAndNoOutsideWorld() {
    classes()
        .should()
        .onlyDependOnClassesThat()
        .resideInAnyPackage(
            "emberyard.core..",
            "java.lang..",
            "java.util..",
            "java.time..",
            "java.math..",
            "org.jspecify..",
            "org.joda.money..",
            "org.locationtech.jts..",
            "org.apache.commons.rng..",
            "org.apache.commons.math3.optim..",
            "org.apache.batik.parser..",
            // outlines of letters, and the rules XML is read by
            "java.awt..",
            "java.io..",
            "java.nio..",
            "javax.xml.stream..")
        .check(CORE);
  }

  @Test
  void coreHasNoClockAndNoChanceOfItsOwn() {
    noClasses()
        .should()
        .callMethod(java.time.Instant.class, "now")
        .orShould()
        .callMethod(java.time.LocalDate.class, "now")
        .orShould()
        .callMethod(java.time.LocalDateTime.class, "now")
        .orShould()
        .callMethod(System.class, "currentTimeMillis")
        .orShould()
        .dependOnClassesThat()
        .haveFullyQualifiedName("java.util.Random")
        .check(CORE);
  }

  @Test
  void packagesHaveNoCircles() {
    slices().matching("emberyard.core.(**)").should().beFreeOfCycles().check(CORE);
  }

  @Test
  void capabilitiesDoNotReachIntoEachOther() {
    String[] capabilities = {
      "brief", "concept", "fit", "make", "finish", "light", "supply", "money", "plan", "bench",
      "prove", "reveal"
    };
    for (String mine : capabilities) {
      for (String other : capabilities) {
        if (!mine.equals(other)) {
          noClasses()
              .that()
              .resideInAPackage("emberyard.core." + mine + "..")
              .should()
              .dependOnClassesThat()
              .resideInAPackage("emberyard.core." + other + "..")
              .allowEmptyShould(true)
              .check(CORE);
        }
      }
    }
  }
}
