package amberlens.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.util.stream.Stream;

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
    static final ArchRule everything_is_in_a_wing = classes()
            .that()
            .doNotHaveSimpleName("package-info")
            .should()
            .resideInAnyPackage(Stream.of("base", "motion", "pixels", "judge", "material", "model", "render", "edit")
                    .map(wing -> "amberlens.core." + wing + ".*")
                    .toArray(String[]::new));

    /** As the wings' own descriptions say. */
    @ArchTest
    static final ArchRule wings_use_only_what_they_may = layeredArchitecture()
            .consideringOnlyDependenciesInLayers()
            .layer("base")
            .definedBy("amberlens.core.base..")
            .layer("motion")
            .definedBy("amberlens.core.motion..")
            .layer("pixels")
            .definedBy("amberlens.core.pixels..")
            .layer("judge")
            .definedBy("amberlens.core.judge..")
            .layer("material")
            .definedBy("amberlens.core.material..")
            .layer("model")
            .definedBy("amberlens.core.model..")
            .layer("render")
            .definedBy("amberlens.core.render..")
            .layer("edit")
            .definedBy("amberlens.core.edit..")
            .whereLayer("base")
            .mayNotAccessAnyLayer()
            .whereLayer("motion")
            .mayOnlyAccessLayers("base")
            .whereLayer("pixels")
            .mayOnlyAccessLayers("base")
            .whereLayer("judge")
            .mayOnlyAccessLayers("base", "motion")
            .whereLayer("material")
            .mayOnlyAccessLayers("base", "motion", "pixels")
            .whereLayer("model")
            .mayOnlyAccessLayers("base", "motion", "judge", "material")
            .whereLayer("render")
            .mayOnlyAccessLayers("base", "motion", "pixels", "judge", "material", "model")
            .whereLayer("edit")
            .mayOnlyAccessLayers("base", "motion", "judge", "material", "model");

    @ArchTest
    static final ArchRule packages_do_not_use_each_other_in_circles =
            slices().matching("amberlens.core.(*).(*)..").should().beFreeOfCycles();
}
