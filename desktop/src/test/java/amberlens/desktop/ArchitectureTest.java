package amberlens.desktop;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

/** The modules' own direction of use, and the order within the desktop. */
@AnalyzeClasses(packages = "amberlens", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
    @ArchTest
    static final ArchRule media_and_project_use_only_the_core = noClasses()
            .that()
            .resideInAPackage("amberlens.media..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("amberlens.project..", "amberlens.desktop..")
            .andShould()
            .dependOnClassesThat()
            .resideInAnyPackage("javafx..");

    @ArchTest
    static final ArchRule projects_know_no_pixels_and_no_windows = noClasses()
            .that()
            .resideInAPackage("amberlens.project..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("amberlens.media..", "amberlens.desktop..", "javafx..", "java.awt..");

    @ArchTest
    static final ArchRule no_view_knows_another_view = slices().matching(
                    "amberlens.desktop.(table|lens|camera|score|lineup|shelf|export)..")
            .should()
            .notDependOnEachOther();

    @ArchTest
    static final ArchRule packages_do_not_use_each_other_in_circles =
            slices().matching("amberlens.desktop.(*)..").should().beFreeOfCycles();
}
