package amberlens.core.material.footage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberlens.core.base.time.FrameRate;
import amberlens.core.material.footage.Source.Conversion;
import java.util.Arrays;
import org.junit.jupiter.api.Test;

class FootageTest {
    private static final FrameRate NTSC_FILM = new FrameRate(24000, 1001);

    /** 1001 s at 23.976 frames per second hold 24 000 frames, and 30 000 at 29.97. */
    @Test
    void it_lasts_as_long_at_another_rate() {
        assertThat(new Footage(NTSC_FILM, 24_000).framesAt(new FrameRate(30000, 1001)))
                .isEqualTo(30_000);
        assertThat(new Footage(FrameRate.of(50), 101).framesAt(FrameRate.of(25)))
                .isEqualTo(51);
        assertThat(new Footage(FrameRate.of(60), 1).framesAt(FrameRate.of(10))).isEqualTo(1);
        assertThat(new Footage(FrameRate.of(25), 40).last()).isEqualTo(39);
    }

    @Test
    void it_has_a_frame_and_an_end() {
        assertThat(new Footage(NTSC_FILM, 1).frames()).isEqualTo(1);
        assertThat(new Footage(NTSC_FILM, Footage.MOST_FRAMES).frames()).isEqualTo(100_000_000);
        assertThatThrownBy(() -> new Footage(NTSC_FILM, 0)).hasMessageContaining("not 0");
        assertThatThrownBy(() -> new Footage(NTSC_FILM, Footage.MOST_FRAMES + 1))
                .hasMessageContaining("100000001");
    }

    @Test
    void each_choice_of_a_source_leaves_the_others() {
        Source source =
                Source.WHOLE.withIn(4.5).withConversion(Conversion.BLEND).withTied(true);
        assertThat(source).isEqualTo(new Source(4.5, Conversion.BLEND, true));
        assertThat(source.withTied(false).withIn(0).withConversion(Conversion.NEAREST))
                .isEqualTo(Source.WHOLE);
        assertThat(new Source(-1e9, Conversion.BLEND, false).in()).isEqualTo(-1e9);
        assertThatThrownBy(() -> source.withIn(1.1e9)).hasMessageContaining("1.1E9");
        assertThat(Arrays.stream(Conversion.values()).map(Conversion::words))
                .doesNotHaveDuplicates()
                .doesNotContain("");
    }

    @Test
    void a_place_between_two_frames_is_the_nearer_one_or_a_mix_of_both() {
        var footage = new Footage(FrameRate.of(25), 10);
        assertThat(SourceFrames.at(3.5, Conversion.NEAREST, footage)).isEqualTo(SourceFrames.only(4));
        assertThat(SourceFrames.at(3.49, Conversion.NEAREST, footage)).isEqualTo(SourceFrames.only(3));
        assertThat(SourceFrames.at(3.25, Conversion.BLEND, footage)).isEqualTo(new SourceFrames(3, 4, 0.25));
        assertThat(SourceFrames.at(3 + 1e-10, Conversion.BLEND, footage)).isEqualTo(SourceFrames.only(3));
        assertThat(SourceFrames.at(4 - 1e-10, Conversion.BLEND, footage)).isEqualTo(SourceFrames.only(4));
        assertThat(SourceFrames.at(-3, Conversion.BLEND, footage)).isEqualTo(SourceFrames.only(0));
        assertThat(SourceFrames.at(99, Conversion.BLEND, footage)).isEqualTo(SourceFrames.only(9));
    }
}
