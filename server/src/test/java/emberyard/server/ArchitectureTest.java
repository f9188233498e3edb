package emberyard.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaMethod;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.lang.ArchCondition;
import com.tngtech.archunit.lang.ConditionEvents;
import com.tngtech.archunit.lang.SimpleConditionEvent;
import com.tngtech.archunit.lang.syntax.ArchRuleDefinition;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.simple.JdbcClient;

class ArchitectureTest {
  private static final int MOST_CALLS = 30;
  private static final JavaClasses SERVER =
      new ClassFileImporter()
          .withImportOption(new ImportOption.DoNotIncludeTests())
          .importPackages("emberyard.server");

  @Test
  void onlyStoresSpeakSql() {
    noClasses()
        .that()
        .haveSimpleNameNotEndingWith("Store")
        .should()
        .dependOnClassesThat()
        .areAssignableTo(JdbcClient.class)
        .check(SERVER);
  }

  @Test
  void theStoreKnowsNothingOfTheWeb() {
    noClasses()
        .that()
        .resideInAPackage("emberyard.server.store..")
        .should()
        .dependOnClassesThat()
        .resideInAnyPackage("org.springframework.web..", "org.springframework.http..", "jakarta..")
        .check(SERVER);
  }

  @Test
  void packagesHaveNoCircles() {
    slices().matching("emberyard.server.(**)").should().beFreeOfCycles().check(SERVER);
  }

  @Test
  void controllersAreThin() {
    ArchRuleDefinition.classes()
        .that()
        .haveSimpleNameEndingWith("Controller")
        .should(callLittle())
        .check(SERVER);
  }

  private static ArchCondition<JavaClass> callLittle() {
    return new ArchCondition<>("call at most " + MOST_CALLS + " things in a method") {
      @Override
      public void check(JavaClass type, ConditionEvents events) {
        for (JavaMethod method : type.getMethods()) {
          int calls = method.getMethodCallsFromSelf().size();
          if (calls > MOST_CALLS) {
            events.add(
                SimpleConditionEvent.violated(method, method.getFullName() + " makes " + calls));
          }
        }
      }
    };
  }
}
