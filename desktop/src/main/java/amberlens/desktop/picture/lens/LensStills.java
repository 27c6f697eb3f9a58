package amberlens.desktop.picture.lens;

import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.Timecode;
import amberlens.core.model.lineup.ShotAlone;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.Framings;
import amberlens.core.render.frame.FrameRaster;
import amberlens.core.render.frame.LineUpFrame;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Selection;
import amberlens.desktop.kit.style.Brush;
import amberlens.desktop.kit.style.Fonts;
import amberlens.desktop.kit.style.Palette;
import amberlens.desktop.kit.style.Pictures;
import amberlens.desktop.work.pictures.FramePictures;
import amberlens.desktop.work.services.Services;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.Image;
import org.jspecify.annotations.Nullable;

/** Several frames of the selected shot in the Lens at once: first, last and now side by side, or how two framings differ. */
final class LensStills {
    private static final double GAP = 6;
    private static final double LABEL = 18;

    /** One still: which frame, what it is called, and its pixels once they are there. */
    private static final class Still {
        private final FramePictures frames;
        private @Nullable FrameRaster raster;
        private @Nullable Image image;

        Still(FramePictures frames) {
            this.frames = frames;
        }
    }

    private record Named(int frame, String name) {}

    private final Desk desk;
    private final Services services;
    private final Runnable redraw;
    private final List<Still> stills = new ArrayList<>();

    LensStills(Desk desk, Services services, Runnable redraw) {
        this.desk = desk;
        this.services = services;
        this.redraw = redraw;
        for (int i = 0; i < 3; i++) {
            stills.add(new Still(services.frames()));
        }
    }

    private List<Named> named(Shot shot, boolean difference) {
        if (difference) {
            List<Integer> pair = pair(shot);
            return List.of(new Named(pair.getFirst(), ""), new Named(pair.getLast(), ""));
        }
        return List.of(
                new Named(0, "First"),
                new Named(shot.lastFrame(), "Last"),
                new Named(desk.cursor().shotFrame(), "Now"));
    }

    /** The two framings to compare: those selected, or the first and the last. */
    private List<Integer> pair(Shot shot) {
        List<Integer> framings = Framings.of(shot.camera());
        var selected = desk.cursor().selection().part() instanceof Selection.Keys
                ? desk.cursor().selectedKeys()
                : null;
        List<Integer> chosen = selected == null
                ? List.of()
                : framings.stream()
                        .filter(frame -> selected.stream().anyMatch(key -> key.at() == frame))
                        .toList();
        if (chosen.size() >= 2) {
            return List.of(chosen.getFirst(), chosen.getLast());
        }
        return framings.size() >= 2 ? List.of(framings.getFirst(), framings.getLast()) : List.of(0, shot.lastFrame());
    }

    private Size size(boolean difference, double width, double height) {
        Size frame = desk.document().project().frameSize();
        return difference
                ? frame.fittedInto(width, height - LABEL)
                : frame.fittedInto((width - GAP) / 2, (height - 2 * LABEL - GAP) / 2);
    }

    /** Asks for the frames. */
    void refresh(boolean difference, double width, double height, double scale) {
        Optional<Shot> shot = desk.cursor().selectedShot();
        if (shot.isEmpty()) {
            return;
        }
        Size size = Pictures.onDevice(size(difference, width, height), scale);
        List<Named> named = named(shot.get(), difference);
        for (int i = 0; i < named.size(); i++) {
            Still still = stills.get(i);
            int frame = shot.get().start()
                    + Math.clamp(named.get(i).frame(), 0, shot.get().lastFrame());
            Project project = desk.document().project();
            Project looked = desk.tools().endsAlone() ? ShotAlone.of(project, shot.get()) : project;
            still.frames.layers(looked, LineUpFrame.layers(looked, frame, size, services.ready()), size, raster -> {
                still.raster = raster;
                still.image = Pictures.image(raster);
                redraw.run();
            });
        }
    }

    void draw(GraphicsContext pen, boolean difference, double width, double height) {
        desk.cursor().selectedShot().ifPresent(shot -> {
            Size size = size(difference, width, height);
            if (difference) {
                drawDifference(pen, shot, size, width);
            } else {
                drawEnds(pen, shot, size, width);
            }
        });
    }

    private void drawEnds(GraphicsContext pen, Shot shot, Size size, double width) {
        double left = (width - 2 * size.width() - GAP) / 2;
        List<Named> named = named(shot, false);
        for (int i = 0; i < named.size(); i++) {
            double x = i == 2 ? (width - size.width()) / 2 : left + i * (size.width() + GAP);
            double y = i == 2 ? size.height() + LABEL + GAP : 0;
            still(pen, stills.get(i).image, x, y, size);
            label(pen, named.get(i).name() + " · " + time(named.get(i).frame()), x, y + size.height());
        }
    }

    private void drawDifference(GraphicsContext pen, Shot shot, Size size, double width) {
        double x = (width - size.width()) / 2;
        still(pen, difference(stills.get(0).raster, stills.get(1).raster), x, 0, size);
        List<Integer> pair = pair(shot);
        label(
                pen,
                "Difference of " + time(pair.getFirst()) + " and " + time(pair.getLast()) + "; black means equal",
                x,
                size.height());
    }

    private String time(int frame) {
        return Timecode.brief(frame, desk.document().project().frame().rate());
    }

    private static void still(GraphicsContext pen, @Nullable Image image, double x, double y, Size size) {
        pen.setFill(Palette.GROUND.colour());
        pen.fillRect(x, y, size.width(), size.height());
        if (image != null) {
            pen.drawImage(image, x, y, size.width(), size.height());
        }
        pen.setStroke(Palette.LINE.colour());
        pen.setLineWidth(1);
        pen.strokeRect(x + 0.5, y + 0.5, size.width() - 1, size.height() - 1);
    }

    private static void label(GraphicsContext pen, String text, double x, double y) {
        Brush.text(pen, Fonts.text(11.5), Palette.MUTED.colour(), text, x + 1, y + LABEL / 2);
    }

    /** The absolute difference of every channel. */
    private static @Nullable Image difference(@Nullable FrameRaster a, @Nullable FrameRaster b) {
        if (a == null || b == null || !a.size().equals(b.size())) {
            return null;
        }
        FrameRaster difference = FrameRaster.blank(a.size());
        for (int i = 0; i < a.argb().length; i++) {
            int p = a.argb()[i];
            int q = b.argb()[i];
            int red = Math.abs((p >> 16 & 0xFF) - (q >> 16 & 0xFF));
            int green = Math.abs((p >> 8 & 0xFF) - (q >> 8 & 0xFF));
            int blue = Math.abs((p & 0xFF) - (q & 0xFF));
            difference.argb()[i] = 0xFF000000 | red << 16 | green << 8 | blue;
        }
        return Pictures.image(difference);
    }
}
