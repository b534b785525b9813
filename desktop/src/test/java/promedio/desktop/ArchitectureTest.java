package promedio.desktop;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

/** Which part of the program may know which. */
@AnalyzeClasses(packages = "promedio", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {

  @ArchTest
  static final ArchRule CORE_IS_BUILT_IN_LAYERS =
      layeredArchitecture()
          .consideringOnlyDependenciesInLayers()
          .layer("message")
          .definedBy("promedio.core.message..")
          .layer("number")
          .definedBy("promedio.core.number..")
          .layer("sample")
          .definedBy("promedio.core.sample..")
          .layer("rules")
          .definedBy("promedio.core.rules..")
          .layer("entry")
          .definedBy("promedio.core.entry..")
          .layer("measure")
          .definedBy("promedio.core.measure..")
          .layer("formula")
          .definedBy("promedio.core.formula..")
          .layer("marking")
          .definedBy("promedio.core.marking..")
          .layer("assignment")
          .definedBy("promedio.core.assignment..")
          .layer("working")
          .definedBy("promedio.core.working..")
          .layer("table")
          .definedBy("promedio.core.table..")
          .layer("calculation")
          .definedBy("promedio.core.calculation..")
          .layer("tidy")
          .definedBy("promedio.core.tidy..")
          .layer("files")
          .definedBy("promedio.files..")
          .layer("desktop")
          .definedBy("promedio.desktop..")
          .whereLayer("desktop")
          .mayNotBeAccessedByAnyLayer()
          .whereLayer("files")
          .mayOnlyBeAccessedByLayers("desktop")
          .whereLayer("assignment")
          .mayOnlyBeAccessedByLayers("files", "desktop")
          .whereLayer("marking")
          .mayOnlyBeAccessedByLayers("assignment", "files", "desktop")
          .whereLayer("working")
          .mayOnlyBeAccessedByLayers("marking", "assignment", "files", "desktop")
          .whereLayer("formula")
          .mayOnlyBeAccessedByLayers("marking", "working", "assignment", "files", "desktop")
          .whereLayer("tidy")
          .mayOnlyBeAccessedByLayers("assignment", "files", "desktop")
          .whereLayer("calculation")
          .mayOnlyBeAccessedByLayers("tidy", "desktop")
          .whereLayer("table")
          .mayOnlyBeAccessedByLayers("calculation", "tidy", "assignment", "files", "desktop")
          .whereLayer("measure")
          .mayOnlyBeAccessedByLayers(
              "formula",
              "marking",
              "working",
              "calculation",
              "tidy",
              "assignment",
              "files",
              "desktop")
          .whereLayer("entry")
          .mayOnlyBeAccessedByLayers("tidy", "assignment", "files", "desktop");

  @ArchTest
  static final ArchRule NO_PACKAGES_GO_ROUND_IN_CIRCLES =
      slices().matching("promedio.(*).(*)..").should().beFreeOfCycles();

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
}
