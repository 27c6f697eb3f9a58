package amberlens.exchange;

/** The formats in which a move can be handed on. */
public enum MoveFormat {
    CSS("css", ".html", "CSS animation, as a web page"),
    SVG("svg", ".svg", "SVG animation"),
    LOTTIE("lottie", ".json", "Lottie animation"),
    CSV("csv", ".csv", "CSV: pose and map of every frame"),
    FFMPEG("ffmpeg", ".filter", "FFmpeg filter script"),
    OTIO("otio", ".otio", "OpenTimelineIO timeline");

    private final String id;
    private final String ending;
    private final String words;

    MoveFormat(String id, String ending, String words) {
        this.id = id;
        this.ending = ending;
        this.words = words;
    }

    /** What it is called on the command line. */
    public String id() {
        return id;
    }

    /** The usual ending of its files, with its point. */
    public String ending() {
        return ending;
    }

    public String words() {
        return words;
    }

    @Override
    public String toString() {
        return words;
    }
}
