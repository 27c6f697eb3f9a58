package amberlens.desktop.kit.style;

import javafx.scene.input.DataFormat;

/** What can be dragged from one view to another. */
public final class DragFormats {
    /** A picture on its way to the line-up, by the id of its media. */
    public static final DataFormat MEDIA = new DataFormat("application/x-amber-lens-media");

    private DragFormats() {}
}
