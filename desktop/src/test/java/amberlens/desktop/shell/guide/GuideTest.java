package amberlens.desktop.shell.guide;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.commonmark.node.AbstractVisitor;
import org.commonmark.node.Image;
import org.commonmark.node.Link;
import org.junit.jupiter.api.Test;

class GuideTest {
    @Test
    void every_page_that_is_written_is_in_the_index() throws Exception {
        try (Stream<Path> files = Files.list(Path.of("../docs/guide"))) {
            List<String> written = files.map(file -> file.getFileName().toString())
                    .filter(name -> name.endsWith(".md"))
                    .map(name -> name.substring(0, name.length() - 3))
                    .toList();
            assertThat(Pages.ALL).containsExactlyInAnyOrderElementsOf(written);
        }
    }

    @Test
    void pictures_and_other_pages_are_there_and_every_page_has_a_title() {
        for (String page : Pages.ALL) {
            assertThat(Pages.title(page)).as(page).isNotEqualTo(page);
            Pages.read(page).accept(new AbstractVisitor() {
                @Override
                public void visit(Image image) {
                    assertThat(Pages.picture(image.getDestination()))
                            .as(image.getDestination())
                            .isPresent();
                }

                @Override
                public void visit(Link link) {
                    String to = link.getDestination();
                    if (!to.startsWith("action:")) {
                        assertThat(Pages.ALL).as(page).contains(to.replace(".md", ""));
                    }
                }
            });
        }
    }
}
