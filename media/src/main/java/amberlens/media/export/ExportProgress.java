package amberlens.media.export;

/** Hears how an export goes on, and may end it. Called from the export's own thread. */
public interface ExportProgress {
    /** Takes no interest and never ends it. */
    ExportProgress NONE = (_, _) -> true;

    /**
     * So many frames are done.
     *
     * @return whether to go on
     */
    boolean done(int frames, int of);
}
