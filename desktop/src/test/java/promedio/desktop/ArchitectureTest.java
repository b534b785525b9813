package promedio.desktop;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.InstanceofCheck;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import promedio.core.measure.Measure;
import promedio.core.measure.Request;
import promedio.core.sample.Data;
import promedio.core.tidy.Step;
import promedio.core.working.WorkingStep;

/** Which part of the program may know which. */
@AnalyzeClasses(packages = "promedio", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {

  /** Every package of core, the lowest first: each may know those before it, none after it. */
  private static final List<String> LAYERS =
      List.of(
          "message",
          "limit",
          "number",
          "rules",
          "distribution",
          "sample",
          "formula",
          "slip",
          "measure",
          "catalogue",
          "computation",
          "working",
          "marking",
          "entry",
          "question",
          "table",
          "calculation",
          "tidy",
          "grouping",
          "graph",
          "assignment",
          "practice");

  @ArchTest
  static void coreIsBuiltInLayersOfWhichEachKnowsOnlyThoseBelow(JavaClasses classes) {
    assertThat(
            classes.stream()
                .map(JavaClass::getPackageName)
                .filter(name -> name.startsWith("promedio.core."))
                .map(name -> name.split("\\.", -1)[2])
                .distinct())
        .containsExactlyInAnyOrderElementsOf(LAYERS);
    for (int layer = 0; layer < LAYERS.size(); layer++) {
      String[] above =
          Stream.concat(
                  LAYERS.subList(layer + 1, LAYERS.size()).stream().map(l -> "promedio.core." + l),
                  Stream.of("promedio.files", "promedio.desktop"))
              .map(name -> name + "..")
              .toArray(String[]::new);
      noClasses()
          .that()
          .resideInAPackage("promedio.core." + LAYERS.get(layer) + "..")
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage(above)
          .check(classes);
    }
  }

  @ArchTest
  static final ArchRule FILES_KNOW_NO_WINDOW =
      noClasses()
          .that()
          .resideInAPackage("promedio.files..")
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage("promedio.graph..", "promedio.desktop..");

  @ArchTest
  static final ArchRule GRAPHS_KNOW_NO_WINDOW =
      noClasses()
          .that()
          .resideInAPackage("promedio.graph..")
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage("javafx..", "promedio.desktop..");

  @ArchTest
  static final ArchRule NO_PACKAGES_GO_ROUND_IN_CIRCLES =
      slices().matching("promedio.(*).(*)..").should().beFreeOfCycles();

  /** The rooms of the window that a room may look into, beside the small controls of all. */
  private static final Map<String, Set<String>> ROOMS =
      Map.ofEntries(
          Map.entry("control", Set.of()),
          Map.entry("graph", Set.of("control")),
          Map.entry("working", Set.of("control")),
          Map.entry("howto", Set.of("control")),
          Map.entry("table", Set.of("control")),
          Map.entry("shelf", Set.of("control")),
          Map.entry("parts", Set.of("control")),
          Map.entry("sample", Set.of("control", "graph", "working")),
          Map.entry("several", Set.of("control", "graph", "sample")),
          Map.entry("distribution", Set.of("control", "graph")),
          Map.entry(
              "shell",
              Set.of(
                  "control",
                  "graph",
                  "working",
                  "howto",
                  "table",
                  "shelf",
                  "parts",
                  "sample",
                  "several",
                  "distribution")));

  @ArchTest
  static void theRoomsOfTheWindowHaveFewDoors(JavaClasses classes) {
    String window = "promedio.desktop.window.";
    assertThat(
            classes.stream()
                .map(JavaClass::getPackageName)
                .filter(name -> name.startsWith(window))
                .map(name -> name.substring(window.length()))
                .distinct())
        .containsExactlyInAnyOrderElementsOf(ROOMS.keySet());
    ROOMS.forEach(
        (room, others) -> {
          String[] closed =
              ROOMS.keySet().stream()
                  .filter(each -> !each.equals(room) && !others.contains(each))
                  .map(each -> window + each)
                  .toArray(String[]::new);
          noClasses()
              .that()
              .resideInAPackage(window + room)
              .should()
              .dependOnClassesThat()
              .resideInAnyPackage(closed)
              .allowEmptyShould(true)
              .check(classes);
        });
  }

  @ArchTest
  static final ArchRule CORE_KNOWS_NO_INTERFACE_FILE_LOG_OR_CLOCK =
      noClasses()
          .that()
          .resideInAPackage("promedio.core..")
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage(
              "javafx..",
              "java.awt..",
              "javax.swing..",
              "java.nio.file..",
              "java.io.File",
              "java.time",
              "org.slf4j..");

  @ArchTest
  static final ArchRule THE_STATE_OF_A_WINDOW_HAS_NO_NODES =
      noClasses()
          .that()
          .resideInAPackage("promedio.desktop.work..")
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage("javafx.scene..", "javafx.stage..");

  @ArchTest
  static final ArchRule WHAT_IS_SHOWN_IS_VALUES_ALONE =
      noClasses()
          .that()
          .resideInAPackage("promedio.desktop.projection..")
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage("javafx..", "promedio.desktop.work..", "promedio.desktop.window..");

  /** A new kind that is forgotten somewhere must not compile, as a chain of instanceof does. */
  @ArchTest
  static void whatDataStepsAndWorkingsAreIsAskedOfThemselves(JavaClasses classes) {
    for (Class<?> type :
        List.of(Data.class, Step.class, WorkingStep.class, Request.class, Measure.class)) {
      assertThat(
              classes.stream()
                  .filter(asking -> !asking.getPackageName().equals(type.getPackageName()))
                  .flatMap(asking -> asking.getInstanceofChecks().stream())
                  .filter(check -> check.getRawType().isAssignableTo(type))
                  .map(InstanceofCheck::toString))
          .isEmpty();
    }
  }
}
