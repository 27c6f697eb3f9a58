package amberlens.core.material.planes;

import amberlens.core.base.geometry.Side;
import amberlens.core.base.time.FrameSpan;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * What the frames of a shot see of what lies behind planes.
 *
 * @param openings one for each frame that sees what is not there, the worst, in order of time
 * @param depths how deep is seen behind each plane, by its id, where anything is
 * @param enlarged the plane in sight that is enlarged most
 */
public record PlaneReport(List<Opening> openings, Map<String, Depth> depths, Optional<Enlarged> enlarged) {
    /** Of a shot whose picture lies in one plane. */
    public static final PlaneReport FLAT = new PlaneReport(List.of(), Map.of(), Optional.empty());

    /**
     * A frame that sees what is not there.
     *
     * @param plane behind which it sees ground that is not filled, or whose cut side it sees
     * @param side of the picture along which the plane is cut; empty for ground
     * @param px how much too deep, or how far within the frame; source pixels
     */
    public record Opening(int frame, Plane plane, Optional<Side> side, double px) {
        /** What it is, in words. */
        public String words() {
            return side.map(cut -> String.format(
                            Locale.ROOT,
                            "the %s side of \"%s\", where the picture ends, is seen by %.0f px",
                            cut.word(),
                            plane.name(),
                            px))
                    .orElseGet(() -> String.format(
                            Locale.ROOT, "ground behind \"%s\" is seen %.0f px deeper than filled", plane.name(), px));
        }
    }

    /** How deep is seen at most, in source pixels, and in which frame. */
    public record Depth(int frame, double px) {}

    /** A plane whose pixels are enlarged, in per cent. */
    public record Enlarged(int frame, Plane plane, double percent) {}

    public PlaneReport {
        openings = List.copyOf(openings);
        depths = Map.copyOf(depths);
    }

    /** Whether no frame sees what is not there. */
    public boolean isSealed() {
        return openings.isEmpty();
    }

    public Optional<Opening> worst() {
        return openings.stream().max(Comparator.comparingDouble(Opening::px));
    }

    /** The runs of frames that see what is not there. */
    public List<FrameSpan> open() {
        if (openings.isEmpty()) {
            return List.of();
        }
        var frames = openings.stream().map(Opening::frame).collect(Collectors.toSet());
        return FrameSpan.runs(openings.getFirst().frame(), openings.getLast().frame(), frames::contains);
    }

    /** The worst within a run of frames. */
    public Opening worst(FrameSpan span) {
        return openings.stream()
                .filter(opening -> span.contains(opening.frame()))
                .max(Comparator.comparingDouble(Opening::px))
                .orElseThrow();
    }
}
