package amberlens.desktop.dialogs.export;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.model.project.FileProblem;
import amberlens.desktop.shell.app.Toolkit;
import amberlens.desktop.work.background.Background;
import amberlens.media.export.CardEncoders;
import amberlens.media.film.FilmCodec;
import amberlens.media.film.FilmEncoder;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** A card that makes films up to 1280 pixels wide stands in; work for the interface thread is done here. */
class CardChoiceTest {
    private static final Size SMALL = new Size(1280, 720);
    private static final Size LARGE = new Size(3840, 2160);

    private final LinkedBlockingQueue<Runnable> shown = new LinkedBlockingQueue<>();
    private final Background background = new Background(shown::add, () -> "a project", _ -> {});
    private final CardEncoders cards = new CardEncoders(
            codec -> codec == FilmCodec.GIF
                    ? List.of()
                    : List.of(new FilmEncoder(codec, "card", 0, FilmEncoder.Works.IN_A_CARD)),
            (_, size, _) -> {
                if (size.width() > 1280) {
                    throw new FileProblem("too large");
                }
            });

    @BeforeAll
    static void start() {
        Toolkit.start();
    }

    @AfterEach
    void close() {
        background.close();
    }

    private void offered(CardChoice choice, FilmCodec codec, Size size) throws InterruptedException {
        choice.offer(Optional.of(codec), size, FrameRate.of(25));
        assertThat(choice.isFast()).isFalse(); // until it has been tried
        Runnable next = shown.poll(codec == FilmCodec.GIF ? 0 : 60, TimeUnit.SECONDS);
        if (next != null) {
            next.run();
        }
    }

    @Test
    void it_is_offered_where_a_card_made_ten_frames_of_that_size() throws Exception {
        var choice = new CardChoice(background, cards);
        offered(choice, FilmCodec.H264, SMALL);
        assertThat(choice.isVisible()).isTrue();
        assertThat(choice.isFast()).isFalse(); // nobody has asked for it
        assertThat(choice.getAccessibleHelp()).contains("card");
        choice.want(true);
        assertThat(choice.isFast()).isTrue();
        offered(choice, FilmCodec.H264, LARGE);
        assertThat(choice.isVisible()).isFalse();
        assertThat(choice.isFast()).isFalse();
        offered(choice, FilmCodec.GIF, SMALL);
        assertThat(choice.isVisible()).isFalse();
        offered(choice, FilmCodec.AV1, SMALL);
        assertThat(choice.isFast()).isTrue(); // as it was wanted before
    }

    @Test
    void a_format_that_only_cards_make_leaves_no_choice() throws Exception {
        var choice = new CardChoice(background, cards);
        offered(choice, FilmCodec.HEVC, SMALL);
        assertThat(choice.isFast()).isTrue();
        assertThat(choice.isDisabled()).isTrue();
    }
}
