package amberlens.exchange.edl;

import amberlens.core.base.time.FrameRate;
import amberlens.core.base.time.Timecode;
import amberlens.core.model.project.FileProblem;
import amberlens.exchange.cut.CutEvent;
import amberlens.exchange.cut.CutList;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads edit lists of the CMX 3600 kind (SMPTE 258M): numbered events with reel, channels, transition and four timecodes, and the lines
 * of remarks after them that name clips and files. Only what is seen is taken.
 */
public final class EditList {
    private static final String TC = "(\\d{1,2}[:;.]\\d{2}[:;.]\\d{2}[:;.,]\\d{2})";
    private static final Pattern EVENT =
            Pattern.compile("^(\\d+)\\s+(\\S+)\\s+(\\S+)\\s+(C|D|W\\d*|K\\s?[BO]?)\\s*(\\d+)?\\s+" + TC + "\\s+" + TC
                    + "\\s+" + TC + "\\s+" + TC + ".*$");
    private static final Pattern NUMBERED = Pattern.compile("^\\d{3,6}\\s+\\S+\\s+\\S+\\s.*$");
    private static final Pattern REMARK = Pattern.compile(
            "^\\*\\s*(FROM CLIP NAME|TO CLIP NAME|SOURCE FILE|FROM FILE|TO FILE)\\s*:\\s*(.+)$",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern SPEED = Pattern.compile("^M2\\s+(\\S+)\\s+([-+]?[\\d.]+)(?:\\s+" + TC + ")?.*$");
    private static final List<String> BLACK = List.of("BL", "BLACK", "BLK");

    private final FrameRate rate;
    private final List<String> remarks = new ArrayList<>();
    private final List<Line> lines = new ArrayList<>();
    private String title = "";

    /** A line that is an event, with what the lines after it say of it. */
    private static final class Line {
        final String number;
        final String reel;
        final String transition;
        final int over;
        final int[] times;
        final List<String> clues = new ArrayList<>();
        double framesPerSecond = Double.NaN;

        Line(String number, String reel, String transition, int over, int[] times) {
            this.number = number;
            this.reel = reel;
            this.transition = transition;
            this.over = over;
            this.times = times;
        }

        int length() {
            return times[3] - times[2];
        }

        boolean isBlack() {
            return BLACK.contains(reel.toUpperCase(Locale.ROOT)) && clues.isEmpty();
        }
    }

    private EditList(FrameRate rate) {
        this.rate = rate;
    }

    /** Whether a text looks like an edit list: it has a line that is an event, or a title and one that would be. */
    public static boolean isOne(String text) {
        return text.lines()
                .limit(200)
                .map(String::strip)
                .anyMatch(
                        line -> EVENT.matcher(line).matches() || line.startsWith("FCM:") || line.startsWith("TITLE:"));
    }

    /**
     * Reads a list.
     *
     * @param name for one that has no title
     * @param wanted its rate, which the list itself does not say; empty to take 29.97 where it drops frames, else 25
     * @throws FileProblem when a rate is wanted that it cannot have
     */
    public static CutList read(String text, String name, Optional<FrameRate> wanted) throws FileProblem {
        boolean drops = text.lines()
                .map(String::strip)
                .anyMatch(line -> line.startsWith("FCM:") && line.contains("DROP") && !line.contains("NON"));
        FrameRate rate = wanted.orElse(drops ? new FrameRate(30_000, 1001) : FrameRate.of(25));
        if (drops && !rate.dropsFrames()) {
            throw new FileProblem("the list counts with dropped frame numbers, which " + rate
                    + " frames per second do not have; 29.97 and 59.94 do");
        }
        var list = new EditList(rate);
        if (wanted.isEmpty() && !drops) {
            list.remarks.add(
                    "An edit list does not say its rate; 25 frames per second were taken (--rate names another).");
        }
        text.lines().map(String::strip).forEach(list::line);
        return new CutList(
                list.title.isEmpty() ? name : list.title,
                rate,
                Optional.empty(),
                Optional.empty(),
                list.events(),
                list.remarks);
    }

    private void line(String line) {
        Matcher event = EVENT.matcher(line);
        Matcher remark = REMARK.matcher(line);
        Matcher speed = SPEED.matcher(line);
        if (event.matches()) {
            event(event);
        } else if (remark.matches()) {
            name(remark.group(1).toUpperCase(Locale.ROOT), remark.group(2).strip());
        } else if (speed.matches() && !lines.isEmpty()) {
            speed(speed);
        } else if (line.startsWith("TITLE:")) {
            title = line.substring("TITLE:".length()).strip();
        } else if (NUMBERED.matcher(line).matches()) {
            remarks.add("Event " + line.split("\\s+", 2)[0] + " cannot be read; it is left out.");
        }
    }

    private void event(Matcher match) {
        String number = match.group(1);
        String channels = match.group(3).toUpperCase(Locale.ROOT);
        if (!channels.equals("B") && !channels.contains("V")) {
            if (remarks.stream().noneMatch(remark -> remark.startsWith("Sound"))) {
                remarks.add("Sound events are left out.");
            }
            return;
        }
        try {
            int[] times = new int[4];
            for (int i = 0; i < 4; i++) {
                times[i] = Timecode.parse(match.group(6 + i).replace(',', ':'), rate);
            }
            String over = match.group(5);
            int frames = over == null ? 0 : Integer.parseInt(over);
            lines.add(new Line(number, match.group(2), match.group(4).replace(" ", ""), frames, times));
        } catch (IllegalArgumentException e) {
            remarks.add("Event " + number + " is left out: " + e.getMessage() + ".");
        }
    }

    /** Of the two lines of a transition the first is where it comes from, and the last where it goes to. */
    private void name(String what, String called) {
        if (lines.isEmpty()) {
            return;
        }
        Line last = lines.getLast();
        boolean from = what.startsWith("FROM");
        boolean pair = lines.size() > 1 && lines.get(lines.size() - 2).number.equals(last.number);
        if (from && pair) {
            lines.get(lines.size() - 2).clues.add(called);
        } else if (!from || last.transition.equals("C") || last.clues.isEmpty()) {
            last.clues.add(what.endsWith("FILE") ? 0 : last.clues.size(), called);
        }
    }

    private void speed(Matcher match) {
        try {
            double framesPerSecond = Double.parseDouble(match.group(2));
            lines.reversed().stream()
                    .limit(2)
                    .filter(line -> line.reel.equals(match.group(1)))
                    .findFirst()
                    .ifPresent(line -> line.framesPerSecond = framesPerSecond);
        } catch (NumberFormatException _) {
            remarks.add("A speed of reel " + match.group(1) + " cannot be read; it runs at its own.");
        }
    }

    private List<CutEvent> events() {
        int zero = lines.stream().mapToInt(line -> line.times[2]).min().orElse(0);
        List<CutEvent> events = new ArrayList<>();
        for (Line line : lines) {
            boolean named =
                    line.length() == 0 && line.transition.equals("C"); // it only says where a transition comes from
            if (named) {
                continue;
            }
            if (line.length() < 0) {
                remarks.add("Event " + line.number + " ends before it begins; it is left out.");
                continue;
            }
            int over = over(line);
            if (over > 0 && !events.isEmpty()) {
                CutEvent before = events.getLast();
                if (before.end() == line.times[2] - zero) {
                    events.set(events.size() - 1, line.isBlack() ? left(before, over) : before.longer(over));
                }
            }
            if (!line.isBlack()) {
                events.add(event(line, zero, over));
            }
        }
        return events;
    }

    private static CutEvent left(CutEvent before, int over) {
        return before.longer(over).leaving(over);
    }

    private int over(Line line) {
        char kind = line.transition.charAt(0);
        if (kind == 'W') {
            remarks.add("Event " + line.number
                    + " is a wipe, which is not known here; a dissolve of the same length replaces it.");
        }
        if (kind == 'K') {
            remarks.add("Event " + line.number + " is keyed over others, which is not known here; it is on track 2.");
            return 0;
        }
        return Math.min(line.over, line.length());
    }

    private CutEvent event(Line line, int zero, int over) {
        List<String> clues = new ArrayList<>(line.clues);
        clues.add(line.reel);
        String name = line.clues.isEmpty() ? line.reel : line.clues.getLast();
        CutEvent event = CutEvent.plain(name, clues, line.times[2] - zero, line.length(), rate.seconds(line.times[0]))
                .withSpeed(speed(line))
                .entering(over);
        return line.transition.startsWith("K") && !line.transition.equals("KB") ? event.withTrack(2) : event;
    }

    /** As the list says it, else what makes its source as long as its place. */
    private double speed(Line line) {
        if (!Double.isNaN(line.framesPerSecond)) {
            return Math.round(line.framesPerSecond / rate.perSecond() * 1e6) / 1e4;
        }
        int source = line.times[1] - line.times[0];
        return source <= 0 ? 100 : Math.round(1e6 * source / line.length()) / 1e4;
    }
}
