package amberlens.desktop;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.util.concurrent.ExecutorService;
import java.util.stream.Stream;
import javafx.application.Platform;

/** The modules' own direction of use, and the order within the desktop. */
@AnalyzeClasses(packages = "amberlens", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
    /** No class of a package uses one of others. */
    private static ArchRule none(String from, String... others) {
        return noClasses()
                .that()
                .resideInAPackage(from)
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(others)
                .allowEmptyShould(false);
    }

    @ArchTest
    static final ArchRule files_use_only_the_core = none(
            "amberlens.files..",
            "amberlens.media..",
            "amberlens.project..",
            "amberlens.desktop..",
            "javafx..",
            "org.bytedeco..");

    @ArchTest
    static final ArchRule media_know_no_projects_on_disk_and_no_windows =
            none("amberlens.media..", "amberlens.project..", "amberlens.desktop..", "javafx..");

    @ArchTest
    static final ArchRule projects_know_no_pixels_and_no_windows =
            none("amberlens.project..", "amberlens.media..", "amberlens.desktop..", "javafx..", "java.awt..");

    @ArchTest
    static final ArchRule exchange_knows_projects_but_no_pixels_and_no_windows =
            none("amberlens.exchange..", "amberlens.media..", "amberlens.desktop..", "javafx..", "java.awt..");

    @ArchTest
    static final ArchRule what_exchange_uses_does_not_know_it = none("amberlens.project..", "amberlens.exchange..");

    @ArchTest
    static final ArchRule parts_of_exchange_do_not_use_each_other_in_circles =
            slices().matching("amberlens.exchange.(*)..").should().beFreeOfCycles();

    /** A rule that is never broken proves nothing: this one is, by every class that opens a project. */
    @ArchTest
    static void a_rule_of_this_form_fails_where_something_is_used(JavaClasses all) {
        assertThatThrownBy(() -> none("amberlens.project..", "amberlens.core..", "no.such.package..")
                        .check(all))
                .isInstanceOf(AssertionError.class)
                .hasMessageContaining("ProjectFile");
    }

    @ArchTest
    static final ArchRule no_view_knows_another_view = slices().matching(
                    "amberlens.desktop.*.(table|lens|camera|score|lineup|panes|export)..")
            .should()
            .notDependOnEachOther();

    /** As the wings' own descriptions say. */
    @ArchTest
    static final ArchRule wings_use_only_what_they_may = layeredArchitecture()
            .consideringOnlyDependenciesInLayers()
            .layer("kit")
            .definedBy("amberlens.desktop.kit..")
            .layer("desk")
            .definedBy("amberlens.desktop.desk..")
            .layer("work")
            .definedBy("amberlens.desktop.work..")
            .layer("shelf")
            .definedBy("amberlens.desktop.shelf..")
            .layer("inspector")
            .definedBy("amberlens.desktop.inspector..")
            .layer("picture")
            .definedBy("amberlens.desktop.picture..")
            .layer("time")
            .definedBy("amberlens.desktop.time..")
            .layer("dialogs")
            .definedBy("amberlens.desktop.dialogs..")
            .layer("shell")
            .definedBy("amberlens.desktop.shell..", "amberlens.desktop")
            .whereLayer("kit")
            .mayNotAccessAnyLayer()
            .whereLayer("desk")
            .mayOnlyAccessLayers("kit")
            .whereLayer("work")
            .mayOnlyAccessLayers("kit", "desk")
            .whereLayer("shelf")
            .mayOnlyAccessLayers("kit", "desk", "work")
            .whereLayer("inspector")
            .mayOnlyAccessLayers("kit", "desk", "work")
            .whereLayer("picture")
            .mayOnlyAccessLayers("kit", "desk", "work", "shelf", "inspector")
            .whereLayer("time")
            .mayOnlyAccessLayers("kit", "desk", "work", "shelf")
            .whereLayer("dialogs")
            .mayOnlyAccessLayers("kit", "desk", "work", "shelf")
            .whereLayer("shell")
            .mayNotBeAccessedByAnyLayer();

    @ArchTest
    static final ArchRule everything_is_in_a_wing = classes()
            .that()
            .resideInAPackage("amberlens.desktop..")
            .and()
            .doNotHaveSimpleName("package-info")
            .should()
            .resideInAnyPackage(Stream.concat(
                            Stream.of("amberlens.desktop"),
                            Stream.of(
                                            "kit",
                                            "desk",
                                            "work",
                                            "shelf",
                                            "inspector",
                                            "picture",
                                            "time",
                                            "dialogs",
                                            "shell")
                                    .map(wing -> "amberlens.desktop." + wing + ".*"))
                    .toArray(String[]::new));

    @ArchTest
    static final ArchRule packages_do_not_use_each_other_in_circles =
            slices().matching("amberlens.desktop.(*).(*)..").should().beFreeOfCycles();

    /** Views leave it to {@code Work}; a few wait for the toolkit itself: a layout, a key that is still dealt with, a shown window. */
    @ArchTest
    static final ArchRule only_work_sends_something_to_the_interface_thread = noClasses()
            .that()
            .resideInAPackage("amberlens.desktop..")
            .and()
            .resideOutsideOfPackage("amberlens.desktop.work..")
            .and()
            .doNotHaveSimpleName("ResizableSplit")
            .and()
            .doNotHaveSimpleName("SelfCheck")
            .and()
            .doNotHaveSimpleName("ShelfGrid")
            .and()
            .doNotHaveSimpleName("MarkerPanel")
            .and()
            .doNotHaveSimpleName("LensSurface")
            .and()
            .doNotHaveSimpleName("TimeField")
            .should()
            .callMethod(Platform.class, "runLater", Runnable.class);

    /** The player of sounds has a thread because its device wants one; the picture of a view ends a process of its own. */
    @ArchTest
    static final ArchRule only_work_has_threads = noClasses()
            .that()
            .resideInAPackage("amberlens.desktop..")
            .and()
            .resideOutsideOfPackages("amberlens.desktop.work..", "amberlens.desktop.shell.shooting")
            .and()
            .haveSimpleNameNotEndingWith("Player")
            .should()
            .dependOnClassesThat()
            .areAssignableTo(ExecutorService.class)
            .orShould()
            .dependOnClassesThat()
            .areAssignableTo(Thread.class);
}
