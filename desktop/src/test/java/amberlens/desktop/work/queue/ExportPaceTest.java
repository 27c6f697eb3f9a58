package amberlens.desktop.work.queue;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class ExportPaceTest {
    @Test
    void what_an_export_has_cost_tells_what_the_next_one_will() {
        // 250 frames of two megapixels: 25 s and 10 MB
        ExportPace pace = ExportPace.of(25, 10_000_000, 500);
        assertThat(pace.words(500)).isEqualTo("about 10 MB, 25 s here");
        assertThat(pace.words(5000)).isEqualTo("about 100 MB, 4 min here");
        assertThat(pace.words(1_000_000)).isEqualTo("about 20.0 GB, 13.9 h here");
        assertThat(pace.words(5)).isEqualTo("about 100 kB, 1 s here");
    }

    @Test
    void it_goes_by_the_newest_and_is_kept() {
        ExportPace pace = ExportPace.of(20, 1_000_000, 100).then(ExportPace.of(40, 3_000_000, 100));
        assertThat(pace.words(100)).isEqualTo("about 2 MB, 30 s here");
        assertThat(ExportPace.read(pace.written())).contains(pace);
        for (String broken : new String[] {"", "a b", "1", "-1 5", "NaN 2", "1 2 3"}) {
            assertThat(ExportPace.read(broken)).isEmpty();
        }
    }
}
