package amberlens.exchange.outside;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.model.project.FileProblem;
import amberlens.exchange.MoveFormat;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.DisabledIf;

/** Moves as a browser shows them, against our own frames: the disc stands where it should at five times of every leg. */
@DisabledIf(value = "noBrowser", disabledReason = "needs a browser: ./amber test installs one")
class MovesInBrowserTest extends DiscTrial {
    private static final double NEAR_PX = 0.5;
    private static final List<String> ROWS = new ArrayList<>();
    private static final Map<String, FramePoint> OURS = new HashMap<>();
    private static BufferedImage seen = new BufferedImage(1, 1, BufferedImage.TYPE_INT_RGB);

    /** Where the suite is run as a whole, a missing browser is a failure. */
    static boolean noBrowser() {
        return Browser.find().isEmpty() && !Boolean.getBoolean("amber.window");
    }

    /** A page that stands at a frame. */
    @FunctionalInterface
    private interface Page {
        String at(String leg, int frame) throws FileProblem, IOException;
    }

    /** All pages beside each other, a row for each format and leg and a column for each frame, looked at once by one browser. */
    @BeforeAll
    static void look() throws Exception {
        var sheet = new StringBuilder("<!DOCTYPE html><style>body{margin:0}iframe{position:absolute;border:0;width:"
                + WIDTH + "px;height:" + HEIGHT + "px}</style><body>");
        try (InputStream player = MovesInBrowserTest.class.getResourceAsStream("lottie_light.min.js")) {
            Files.copy(player, folder.resolve("player.js"));
        }
        write(LEGS);
        add(sheet, "css", ".html", MovesInBrowserTest::css);
        add(sheet, "svg", ".svg", MovesInBrowserTest::svg);
        add(sheet, "lottie", ".html", MovesInBrowserTest::lottie);
        write(Map.of("leaning", LEANING));
        add(sheet, "css", ".html", List.of("leaning"), MovesInBrowserTest::css);
        Path all = Files.writeString(folder.resolve("all.html"), sheet.append("</body>"));
        seen = Browser.picture(all, FRAMES.size() * WIDTH, ROWS.size() * HEIGHT);
    }

    private static void add(StringBuilder sheet, String format, String ending, Page page) throws Exception {
        add(sheet, format, ending, List.copyOf(LEGS.keySet()), page);
    }

    private static void add(StringBuilder sheet, String format, String ending, List<String> legs, Page page)
            throws Exception {
        for (String leg : legs) {
            for (int column = 0; column < FRAMES.size(); column++) {
                int frame = FRAMES.get(column);
                String name = format + "-" + leg + "-" + frame + ending;
                Files.writeString(folder.resolve(name), page.at(leg, frame));
                sheet.append("<iframe src=\"%s\" style=\"left:%dpx;top:%dpx\"></iframe>"
                        .formatted(name, column * WIDTH, ROWS.size() * HEIGHT));
                if (!OURS.containsKey(leg + frame)) {
                    OURS.put(leg + frame, ours(leg, frame));
                }
            }
            ROWS.add(format + "-" + leg);
        }
    }

    private static String css(String leg, int frame) throws FileProblem, IOException {
        return written(leg, MoveFormat.CSS).replace("</body>", """
                <script>document.getAnimations().forEach(a => { a.pause(); a.currentTime = %d / 25 * 1000; })</script></body>""".formatted(frame));
    }

    private static String svg(String leg, int frame) throws FileProblem, IOException {
        return written(leg, MoveFormat.SVG).replace("</svg>", """
                <script>document.documentElement.pauseAnimations(); document.documentElement.setCurrentTime(%d / 25);</script></svg>""".formatted(frame));
    }

    private static String lottie(String leg, int frame) throws FileProblem, IOException {
        return """
                <!DOCTYPE html><style>body{margin:0}#stage{width:%dpx;height:%dpx}</style><div id="stage"></div><script src="player.js"></script>
                <script>
                const move = lottie.loadAnimation({container: stage, renderer: "svg", loop: false, autoplay: false, animationData: %s});
                move.goToAndStop(%d, true);
                </script>""".formatted(WIDTH, HEIGHT, written(leg, MoveFormat.LOTTIE), frame);
    }

    private static void compare(String format, Collection<String> legs) {
        for (String leg : legs) {
            int row = ROWS.indexOf(format + "-" + leg);
            for (int column = 0; column < FRAMES.size(); column++) {
                int frame = FRAMES.get(column);
                FramePoint there = disc(seen, column * WIDTH, row * HEIGHT);
                FramePoint ours = OURS.get(leg + frame);
                assertThat(there.distance(ours))
                        .as("%s at frame %d: %s, not %s", leg, frame, there, ours)
                        .isLessThanOrEqualTo(NEAR_PX);
            }
        }
    }

    @Test
    void css_animations_stand_at_frame_n_at_the_time_n_divided_by_the_rate() {
        compare("css", LEGS.keySet());
    }

    @Test
    void svg_animations_stand_at_frame_n_at_the_time_n_divided_by_the_rate() {
        compare("svg", LEGS.keySet());
    }

    @Test
    void lottie_animations_play_in_a_player_of_others() {
        compare("lottie", LEGS.keySet());
    }

    @Test
    void a_leaning_picture_is_a_matrix_for_each_frame() {
        compare("css", List.of("leaning"));
    }

    /** Lottie's published schema, see LICENCES.md beside it. */
    @Test
    void lottie_files_are_as_the_published_schema_says() throws Exception {
        write(LEGS);
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
}
