package amberlens.core.edit.delivery;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.model.project.Delivery;
import amberlens.core.model.project.FrameFormat;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.OwnFramings;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Resizing;
import amberlens.core.motion.keys.Flights;
import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A project as one of its deliveries shows it: a project in the delivery's frame, with the same shots. A shot that has framings of its
 * own there moves by them. Any other keeps its one move, seen through the largest window of the delivery's shape in the middle of the
 * project's frame: whatever is sealed in the project is sealed there too. What is not meant to fill the frame, a title for example, is
 * seen whole instead.
 *
 * <p>Remembers what it made last, so that shots that stayed the same are the same again. For one thread.
 */
public final class DeliveryFilm {
    private final String id;
    private Map<Shot, Shot> last = new IdentityHashMap<>();
    private @Nullable Project lastProject;
    private FrameFormat frame = FrameFormat.USUAL;

    /** @param id of the delivery */
    public DeliveryFilm(String id) {
        this.id = id;
    }

    /** A project as one of its deliveries shows it. */
    public static Project of(Project project, Delivery delivery) {
        return new DeliveryFilm(delivery.id()).of(project);
    }

    /** Every film that a project stands for: its own, and that of each of its deliveries by its name. */
    public static List<Named> all(Project project) {
        List<Named> films = new ArrayList<>();
        films.add(new Named(Optional.empty(), project));
        project.deliveries().forEach(delivery -> films.add(new Named(Optional.of(delivery), of(project, delivery))));
        return films;
    }

    /**
     * The name of the file that holds a film, where each of a project's films gets one.
     *
     * @param name of them all, with or without an ending; the shape comes before the ending
     */
    public static String fileName(String name, Project project, Optional<Delivery> delivery) {
        String shape = delivery.map(Delivery::name).orElseGet(() -> Delivery.shape(project.frameSize()));
        boolean taken = delivery.isEmpty()
                && project.deliveries().stream().anyMatch(other -> other.name().equalsIgnoreCase(shape));
        int dot = name.lastIndexOf('.') > 0 ? name.lastIndexOf('.') : name.length();
        return name.substring(0, dot) + "-" + shape + (taken ? "-own" : "") + name.substring(dot);
    }

    /**
     * One of the films.
     *
     * @param delivery empty for the project's own shape
     */
    public record Named(Optional<Delivery> delivery, Project film) {}

    /** The project as the delivery shows it; the project itself when it has no such delivery. */
    public Project of(Project project) {
        Optional<Delivery> delivery = project.delivery(id);
        if (delivery.isEmpty()) {
            return project;
        }
        Size size = delivery.get().size();
        Project before = lastProject;
        boolean same = before != null
                && before.media() == project.media()
                && before.frameSize().equals(project.frameSize())
                && before.delivery(id).map(Delivery::size).equals(Optional.of(size));
        Map<Shot, Shot> known = same ? last : Map.of();
        Map<Shot, Shot> now = new IdentityHashMap<>();
        for (Shot shot : project.shots()) {
            Shot made = known.get(shot);
            now.put(shot, made != null ? made : seen(project, shot, size));
        }
        last = now;
        lastProject = project;
        FrameFormat wanted = project.frame().delivered(size);
        frame = wanted.equals(frame) ? frame : wanted;
        return project.withFrame(frame)
                .withShots(project.shots().stream().map(now::get).toList());
    }

    private Shot seen(Project project, Shot shot, Size size) {
        OwnFramings own = shot.settings().deliveries().get(id);
        if (own == null && size.equals(project.frameSize())) {
            return shot;
        }
        CameraTrack carried = through(project, shot, size);
        return shot.withCamera(own == null ? carried : carried.withMoveOf(Flights.about(own.camera(), size)));
    }

    /** The camera of a shot through the largest window of another shape, or with all of the frame in it. */
    static CameraTrack through(Project project, Shot shot, Size size) {
        return carried(project, shot, shot.camera(), resizing(project, shot, size));
    }

    /** A camera of one of a project's shots, carried to another frame. */
    static CameraTrack carried(Project project, Shot shot, CameraTrack camera, Resizing to) {
        CameraTrack carried = camera.carried(to);
        return project.isRig(shot)
                ? carried.withScale(camera.scale()).withAnchor(camera.anchor().mapValues(at -> {
                    FramePoint place = to.placeInFrame(new FramePoint(at.x(), at.y()));
                    return new PicturePoint(place.x(), place.y());
                }))
                : carried;
    }

    static Resizing resizing(Project project, Shot shot, Size size) {
        boolean whole = !project.judges(shot) && project.mediaOf(shot).kind() != Media.Kind.RIG;
        return Resizing.zoomed(
                project.frameSize(), size, project.frame().delivered(size).zoom(whole));
    }
}
