package amberlens.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(packages = "amberlens.core", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
    @ArchTest
    static final ArchRule the_core_has_no_interface_files_or_threads = noClasses()
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage(
                    "javafx..",
                    "java.awt..",
                    "javax.imageio..",
                    "java.io..",
                    "java.nio..",
                    "org.bytedeco..",
                    "java.util.concurrent..");

    @ArchTest
    static final ArchRule the_core_uses_no_other_module = noClasses()
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("amberlens.media..", "amberlens.project..", "amberlens.cli..", "amberlens.desktop..");

    @ArchTest
    static final ArchRule packages_do_not_use_each_other_in_circles =
            slices().matching("amberlens.core.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule geometry_and_time_stand_at_the_bottom = noClasses()
            .that()
            .resideInAnyPackage("amberlens.core.geometry", "amberlens.core.time")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage(
                    "amberlens.core.motion", "amberlens.core.edges", "amberlens.core.model", "amberlens.core.render");
}
