package amberlens.exchange.edl;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.time.FrameRate;
import amberlens.core.model.project.FileProblem;
import amberlens.exchange.cut.CutEvent;
import amberlens.exchange.cut.CutList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Lists made by hand in the layout of CMX 3600 (SMPTE 258M, from memory): lengths and places are counted by hand. */
class EditListTest {
    private static CutList read(String text, String rate) throws FileProblem {
        return EditList.read(text, "list", Optional.of(FrameRate.typed(rate)));
    }

    @Test
    void cuts_stand_at_their_places_with_their_lengths_and_names() throws FileProblem {
        CutList cut = read("""
                TITLE: FERNHOLLOW SPRING
                FCM: NON-DROP FRAME

                001  PLAN     V     C        00:00:00:00 00:00:05:00 01:00:00:00 01:00:05:00
                * FROM CLIP NAME: plan.jpg
                002  POND     V     C        00:00:10:12 00:00:13:12 01:00:05:00 01:00:08:00
                * FROM CLIP NAME: Mill pond
                * SOURCE FILE: footage/mill-pond.mp4
                003  AX       AA/V  C        00:00:00:00 00:00:01:01 01:00:10:00 01:00:11:01
                """, "25");
        assertThat(cut.name()).isEqualTo("FERNHOLLOW SPRING");
        assertThat(cut.events()).extracting(CutEvent::start).containsExactly(0, 125, 250);
        assertThat(cut.events()).extracting(CutEvent::length).containsExactly(125, 75, 26);
        assertThat(cut.events()).extracting(CutEvent::name).containsExactly("plan.jpg", "Mill pond", "AX");
        CutEvent pond = cut.events().get(1);
        assertThat(pond.clues()).containsExactly("footage/mill-pond.mp4", "Mill pond", "POND");
        assertThat(pond.sourceSeconds()).isCloseTo(10.48, within(1e-9));
        assertThat(pond.speed()).isEqualTo(100);
        assertThat(cut.remarks()).isEmpty();
    }

    /** Upper-casing makes two letters of ß, which moves everything after it. */
    @Test
    void names_keep_all_their_letters() throws FileProblem {
        CutList cut = read("""
                001  A        V     C        00:00:00:00 00:00:04:00 01:00:00:00 01:00:04:00
                * From Clip Name: Fußgängerstraße.mov
                """, "25");
        assertThat(cut.events().getFirst().clues()).contains("Fußgängerstraße.mov");
    }

    @Test
    void a_dissolve_lets_the_one_before_it_last_until_it_is_over() throws FileProblem {
        CutList cut = read("""
                001  A        V     C        00:00:00:00 00:00:04:00 01:00:00:00 01:00:04:00
                002  A        V     C        00:00:04:00 00:00:04:00 01:00:04:00 01:00:04:00
                002  B        V     D    030 00:00:00:00 00:00:05:00 01:00:04:00 01:00:09:00
                * FROM CLIP NAME: first.png
                * TO CLIP NAME: second.png
                003  BL       V     D    012 00:00:00:00 00:00:00:12 01:00:09:00 01:00:09:12
                """, "25");
        assertThat(cut.events()).hasSize(2);
        assertThat(cut.events().get(0).length()).isEqualTo(100 + 30);
        assertThat(cut.events().get(1)).satisfies(second -> {
            assertThat(second.name()).isEqualTo("second.png");
            assertThat(second.start()).isEqualTo(100);
            assertThat(second.enter()).isEqualTo(30);
            assertThat(second.length()).isEqualTo(125 + 12);
            assertThat(second.leave()).isEqualTo(12);
        });
    }

    /** SMPTE ST 12-1: 00:01:00;02 is frame 1800, and ten minutes are 17982 frames. */
    @Test
    void dropped_frame_numbers_are_counted_as_the_clock_does() throws FileProblem {
        CutList cut = read("""
                FCM: DROP FRAME
                001  A        V     C        00:00:00;00 00:01:00;02 00:00:00;00 00:01:00;02
                002  B        V     C        00:00:00;00 00:09:00;02 00:01:00;02 00:10:00;00
                """, "29.97");
        assertThat(cut.events()).extracting(CutEvent::length).containsExactly(1800, 17982 - 1800);
        assertThat(cut.events().get(1).end()).isEqualTo(17982);
    }

    @Test
    void speeds_are_read_from_their_line_and_from_a_source_of_another_length() throws FileProblem {
        CutList cut = read("""
                001  A        V     C        00:00:00:00 00:00:02:00 00:00:00:00 00:00:04:00
                M2   A             012.5                00:00:00:00
                002  B        V     C        00:00:00:00 00:00:06:00 00:00:04:00 00:00:06:00
                003  C        V     C        00:00:03:00 00:00:04:00 00:00:06:00 00:00:07:00
                M2   C             -025.0               00:00:03:00
                """, "25");
        assertThat(cut.events()).extracting(CutEvent::speed).containsExactly(50.0, 300.0, -100.0);
    }

    @Test
    void what_is_not_known_is_named_and_the_rest_goes_on() throws FileProblem {
        CutList cut = read("""
                001  A        V     C        00:00:00:00 00:00:04:00 00:00:00:00 00:00:04:00
                002  B        V     W001 020 00:00:00:00 00:00:04:00 00:00:04:00 00:00:08:00
                003  C        V     C        00:00:00:00 00:00:01:99 00:00:08:00 00:00:09:00
                004  D        V     K        00:00:00:00 00:00:01:00 00:00:08:00 00:00:09:00
                005  E        V     C        00:00:05:00 00:00:04:00 00:00:10:00 00:00:09:00
                006  F        A2    C        00:00:00:00 00:00:04:00 00:00:00:00 00:00:04:00
                007  G        V     C        whatever
                """, "25");
        assertThat(cut.events()).extracting(CutEvent::name).containsExactly("A", "B", "D");
        assertThat(cut.events().get(2).track()).isEqualTo(2);
        assertThat(cut.remarks())
                .hasSize(6)
                .anyMatch(line -> line.contains("Event 002 is a wipe"))
                .anyMatch(line -> line.contains("Event 003") && line.contains("99"))
                .anyMatch(line -> line.contains("Event 004 is keyed"))
                .anyMatch(line -> line.contains("Event 005 ends before it begins"))
                .anyMatch(line -> line.contains("Sound events"))
                .anyMatch(line -> line.contains("Event 007 cannot be read"));
    }

    @Test
    void a_list_that_drops_frames_cannot_have_another_rate() {
        assertThatThrownBy(() -> read("FCM: DROP FRAME\n", "25"))
                .isInstanceOf(FileProblem.class)
                .hasMessageContaining("29.97");
    }

    @Test
    void without_a_rate_it_says_which_was_taken() throws FileProblem {
        String list = "001  A  V  C  00:00:00:00 00:00:01:00 00:00:00:00 00:00:01:00\n";
        assertThat(EditList.read(list, "list", Optional.empty()).remarks())
                .anyMatch(line -> line.contains("25 frames"));
        assertThat(EditList.read("FCM: DROP FRAME\n" + list, "list", Optional.empty())
                        .rate())
                .isEqualTo(new FrameRate(30_000, 1001));
        assertThat(List.of(EditList.isOne(list), EditList.isOne("frame,scale_x\n0,100\n")))
                .containsExactly(true, false);
    }
}
