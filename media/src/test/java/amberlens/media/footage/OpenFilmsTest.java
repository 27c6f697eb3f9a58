package amberlens.media.footage;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.pixels.raster.Rows;
import java.nio.file.Path;
import java.time.Duration;
import org.junit.jupiter.api.Test;

class OpenFilmsTest {
    /** Whoever relinks a picture does so on the interface thread, and a film may take long to be opened. */
    @Test
    void forgetting_a_film_does_not_wait_for_whoever_reads_one() throws InterruptedException {
        try (var films = new OpenFilms(Rows.ALONE)) {
            Thread forgetting;
            boolean ended;
            synchronized (films) { // as while a frame is being read
                forgetting = Thread.ofPlatform().start(() -> films.forget(Path.of("pond.mp4")));
                ended = forgetting.join(Duration.ofSeconds(120));
            }
            assertThat(ended).isTrue();
        }
    }
}
