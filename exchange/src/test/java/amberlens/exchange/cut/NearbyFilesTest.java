package amberlens.exchange.cut;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class NearbyFilesTest {
    @TempDir
    private Path folder;

    @Test
    void other_machines_are_not_asked_but_a_file_of_that_name_nearby_is_found() throws Exception {
        for (String clue : List.of("\\\\host\\share\\plan.png", "file://host/share/plan.png", "FILE://host/plan.png")) {
            assertThat(NearbyFiles.isElsewhere(clue)).as(clue).isTrue();
        }
        for (String clue :
                List.of("file:///archive/plan.png", "file://localhost/archive/plan.png", "plan.png", "C:\\plan.png")) {
            assertThat(NearbyFiles.isElsewhere(clue)).as(clue).isFalse();
        }
        Path plan = Files.writeString(folder.resolve("plan.png"), "");
        assertThat(new NearbyFiles(folder.resolve("edit.edl")).find(List.of("\\\\host\\share\\plan.png")))
                .contains(plan);
    }
}
