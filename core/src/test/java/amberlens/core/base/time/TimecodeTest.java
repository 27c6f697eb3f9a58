package amberlens.core.base.time;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TimecodeTest {
    private static final FrameRate DROP = new FrameRate(30000, 1001);
    private static final FrameRate PAL = FrameRate.of(25);

    /** SMPTE ST 12-1: two frame numbers are dropped each minute but the tenth. */
    @ParameterizedTest
    @CsvSource({"0, 00:00:00;00", "1799, 00:00:59;29", "1800, 00:01:00;02", "17982, 00:10:00;00", "107892, 01:00:00;00"
    })
    void drop_frame_follows_the_standard(int frame, String timecode) {
        assertThat(Timecode.of(frame, DROP)).isEqualTo(timecode);
        assertThat(Timecode.parse(timecode, DROP)).isEqualTo(frame);
    }

    /** SMPTE ST 12-1: at 59.94 four numbers are dropped. */
    @Test
    void drop_frame_at_59_94_drops_four() {
        var rate = new FrameRate(60000, 1001);
        assertThat(Timecode.of(3600, rate)).isEqualTo("00:01:00;04");
        assertThat(Timecode.of(35964, rate)).isEqualTo("00:10:00;00");
    }

    @Property
    void reading_what_was_written_gives_the_frame_back(@ForAll @IntRange(max = 2_000_000) int frame) {
        for (FrameRate rate : new FrameRate[] {PAL, DROP, new FrameRate(24000, 1001), new FrameRate(60000, 1001)}) {
            assertThat(Timecode.parse(Timecode.of(frame, rate), rate)).isEqualTo(frame);
        }
    }

    @Test
    void short_forms_and_plain_numbers_are_read_too() {
        assertThat(Timecode.parse("56", PAL)).isEqualTo(56);
        assertThat(Timecode.parse("2:06", PAL)).isEqualTo(56);
        assertThat(Timecode.parse("1:02:06", PAL)).isEqualTo(62 * 25 + 6);
        assertThat(Timecode.brief(56, PAL)).isEqualTo("2:06");
        assertThat(Timecode.brief(62 * 25 + 6, PAL)).isEqualTo("1:02:06");
    }

    @Test
    void short_forms_count_drop_frame_as_long_ones_do() {
        // SMPTE ST 12-1: frame 1800 at 29.97 is 00:01:00;02.
        assertThat(Timecode.brief(1800, DROP)).isEqualTo("1:00:02");
        assertThat(Timecode.brief(1799, DROP)).isEqualTo("59:29");
        assertThat(Timecode.parse("1:00:02", DROP)).isEqualTo(1800);
        assertThat(Timecode.brief(17982, DROP)).isEqualTo("10:00:00");
        assertThat(Timecode.parse("75:10", DROP)).isEqualTo(75 * 30 + 10 - 2);
        assertThatThrownBy(() -> Timecode.parse("1:00:01", DROP)).hasMessageContaining("no frame 1");
    }

    @Property
    void reading_a_short_form_gives_the_frame_back(@ForAll @IntRange(max = 100_000) int frame) {
        for (FrameRate rate : new FrameRate[] {PAL, DROP, new FrameRate(60000, 1001)}) {
            assertThat(Timecode.parse(Timecode.brief(frame, rate), rate)).isEqualTo(frame);
        }
    }

    @Test
    void nonsense_is_refused_with_what_was_expected() {
        assertThatThrownBy(() -> Timecode.parse("soon", PAL))
                .hasMessageContaining("00:00:02:06")
                .hasMessageContaining("soon");
        assertThatThrownBy(() -> Timecode.parse("00:00:02:25", PAL)).hasMessageContaining("end at 24");
        assertThatThrownBy(() -> Timecode.parse("00:01:00;00", DROP)).hasMessageContaining("no frame 0");
    }
}
