package amberlens.desktop;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

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
                    "amberlens.desktop.(table|lens|camera|score|lineup|shelf|export)..")
            .should()
            .notDependOnEachOther();

    @ArchTest
    static final ArchRule packages_do_not_use_each_other_in_circles =
            slices().matching("amberlens.desktop.(*)..").should().beFreeOfCycles();
}
