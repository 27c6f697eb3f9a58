package amberlens.exchange.outside;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.geometry.FramePoint;
import amberlens.core.model.FileProblem;
import amberlens.exchange.MoveFormat;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.DisabledIf;

/** Moves as a browser shows them, against our own frames: the disc stands where it should at five times of every leg. */
@DisabledIf(value = "noBrowser", disabledReason = "needs a browser: ./amber test installs one")
class MovesInBrowserTest extends DiscTrial {
    private static final double NEAR_PX = 0.5;

    @BeforeEach
    void moves() throws IOException {
        write(LEGS);
    }

    /** Where the suite is run as a whole, a missing browser is a failure. */
    static boolean noBrowser() {
        return Browser.find().isEmpty() && !Boolean.getBoolean("amber.window");
    }

    /** Lays pages out beside each other, one for each leg and frame, and looks at all of them at once. */
    private void compare(String ending, Page page) throws Exception {
        List<String> legs = List.copyOf(LEGS.keySet());
        var sheet = new StringBuilder("<!DOCTYPE html><style>body{margin:0}iframe{position:absolute;border:0;width:"
                + WIDTH + "px;height:" + HEIGHT + "px}</style><body>");
        for (int row = 0; row < legs.size(); row++) {
            for (int column = 0; column < FRAMES.size(); column++) {
                String name = legs.get(row) + "-" + FRAMES.get(column) + ending;
                Files.writeString(folder.resolve(name), page.at(legs.get(row), FRAMES.get(column)));
                sheet.append("<iframe src=\"%s\" style=\"left:%dpx;top:%dpx\"></iframe>"
                        .formatted(name, column * WIDTH, row * HEIGHT));
            }
        }
        Path all = Files.writeString(folder.resolve("all.html"), sheet.append("</body>"));
        BufferedImage seen = Browser.picture(all, FRAMES.size() * WIDTH, legs.size() * HEIGHT);
        for (int row = 0; row < legs.size(); row++) {
            for (int column = 0; column < FRAMES.size(); column++) {
                FramePoint ours = ours(legs.get(row), FRAMES.get(column));
                FramePoint there = disc(seen, column * WIDTH, row * HEIGHT);
                assertThat(there.distance(ours))
                        .as("%s at frame %d: %s, not %s", legs.get(row), FRAMES.get(column), there, ours)
                        .isLessThanOrEqualTo(NEAR_PX);
            }
        }
    }

    /** A page that stands at a frame. */
    @FunctionalInterface
    private interface Page {
        String at(String leg, int frame) throws FileProblem, IOException;
    }

    @Test
    void css_animations_stand_at_frame_n_at_the_time_n_divided_by_the_rate() throws Exception {
        compare(".html", (leg, frame) -> written(leg, MoveFormat.CSS).replace("</body>", """
                        <script>document.getAnimations().forEach(a => { a.pause(); a.currentTime = %d / 25 * 1000; })</script></body>""".formatted(frame)));
    }

    @Test
    void svg_animations_stand_at_frame_n_at_the_time_n_divided_by_the_rate() throws Exception {
        compare(".svg", (leg, frame) -> written(leg, MoveFormat.SVG).replace("</svg>", """
                        <script>document.documentElement.pauseAnimations(); document.documentElement.setCurrentTime(%d / 25);</script></svg>""".formatted(frame)));
    }

    @Test
    void lottie_animations_play_in_a_player_of_others() throws Exception {
        try (InputStream player = MovesInBrowserTest.class.getResourceAsStream("lottie_light.min.js")) {
            Files.copy(player, folder.resolve("player.js"));
        }
        compare(".html", (leg, frame) -> """
                <!DOCTYPE html><style>body{margin:0}#stage{width:%dpx;height:%dpx}</style><div id="stage"></div><script src="player.js"></script>
                <script>
                const move = lottie.loadAnimation({container: stage, renderer: "svg", loop: false, autoplay: false, animationData: %s});
                move.goToAndStop(%d, true);
                </script>""".formatted(WIDTH, HEIGHT, written(leg, MoveFormat.LOTTIE), frame));
    }

    /** Lottie's published schema, see LICENCES.md beside it. */
    @Test
    void lottie_files_are_as_the_published_schema_says() throws Exception {
        var json = new ObjectMapper();
        try (InputStream schema = MovesInBrowserTest.class.getResourceAsStream("lottie.schema.json")) {
            var published = JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012)
                    .getSchema(json.readTree(schema));
            for (String leg : LEGS.keySet()) {
                assertThat(published.validate(json.readTree(written(leg, MoveFormat.LOTTIE))))
                        .as(leg)
                        .isEmpty();
            }
            assertThat(published.validate(json.readTree("{\"layers\": 3}")))
                    .as("what it refuses")
                    .isNotEmpty();
        }
    }

    @Test
    void a_leaning_picture_is_a_matrix_for_each_frame() throws Exception {
        write(Map.of("leaning", LEANING));
        String page = written("leaning", MoveFormat.CSS);
        for (int frame : FRAMES) {
            Path at = Files.writeString(folder.resolve("at.html"), page.replace("</body>", """
                    <script>document.getAnimations().forEach(a => { a.pause(); a.currentTime = %d / 25 * 1000; })</script></body>""".formatted(frame)));
            Files.deleteIfExists(folder.resolve("at.html.png"));
            FramePoint there = disc(Browser.picture(at, WIDTH, HEIGHT), 0, 0);
            assertThat(there.distance(ours("leaning", frame))).isLessThanOrEqualTo(NEAR_PX);
        }
    }
}
