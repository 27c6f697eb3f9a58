package amberlens.core.render.frame;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.geometry.Zoom;
import amberlens.core.material.layering.BlendMode;
import amberlens.core.render.filter.LightWork;
import amberlens.core.render.filter.SoftLight;
import java.util.List;
import java.util.stream.Stream;

/** Something that can be seen in the output. */
public sealed interface Seen
        permits Layer, Written, Seen.Group, Seen.Mix, Seen.Tinted, Seen.Exposed, Seen.Worked, Seen.Soft, Seen.Ready {
    /** Whether nothing that lies below it can be seen. */
    boolean hidesAllBelow();

    /** Every placed picture in it. */
    Stream<Layer> layers();

    /** The same as it is seen in an output that is larger or smaller or begins elsewhere. */
    Seen moved(Zoom zoom);

    /**
     * Things laid over each other on their own, and then as one over what is below.
     *
     * @param parts the lowest first
     * @param opacity 0 … 1
     */
    record Group(List<Seen> parts, double opacity, BlendMode blend) implements Seen {
        public Group {
            parts = List.copyOf(parts);
        }

        @Override
        public boolean hidesAllBelow() {
            return opacity == 1 && blend == BlendMode.NORMAL && parts.stream().anyMatch(Seen::hidesAllBelow);
        }

        @Override
        public Stream<Layer> layers() {
            return parts.stream().flatMap(Seen::layers);
        }

        @Override
        public Seen moved(Zoom zoom) {
            return new Group(parts.stream().map(part -> part.moved(zoom)).toList(), opacity, blend);
        }
    }

    /**
     * One thing passing into another: (1 − part) of what is seen with the first and part of what is seen with the second, in linear
     * light.
     *
     * @param part 0 … 1
     */
    record Mix(Seen from, Seen to, double part) implements Seen {
        @Override
        public boolean hidesAllBelow() {
            return from.hidesAllBelow() && to.hidesAllBelow();
        }

        @Override
        public Stream<Layer> layers() {
            return Stream.concat(from.layers(), to.layers());
        }

        @Override
        public Seen moved(Zoom zoom) {
            return new Mix(from.moved(zoom), to.moved(zoom), part);
        }
    }

    /**
     * One thing at several instants of an exposure: the mean of their light.
     *
     * @param instants at least one
     */
    record Exposed(List<Seen> instants) implements Seen {
        public Exposed {
            instants = List.copyOf(instants);
        }

        @Override
        public boolean hidesAllBelow() {
            return instants.stream().allMatch(Seen::hidesAllBelow);
        }

        @Override
        public Stream<Layer> layers() {
            return instants.stream().flatMap(Seen::layers);
        }

        @Override
        public Seen moved(Zoom zoom) {
            return new Exposed(instants.stream().map(one -> one.moved(zoom)).toList());
        }
    }

    /**
     * A thing coloured where it is seen; what it lets through stays.
     *
     * @param part 0 … 1: how much of its own light the colour takes the place of
     */
    record Tinted(Seen of, Colour colour, double part) implements Seen {
        @Override
        public boolean hidesAllBelow() {
            return of.hidesAllBelow();
        }

        @Override
        public Stream<Layer> layers() {
            return of.layers();
        }

        @Override
        public Seen moved(Zoom zoom) {
            return new Tinted(of.moved(zoom), colour, part);
        }
    }

    /** A thing whose light is changed pixel by pixel. */
    record Worked(Seen of, LightWork work) implements Seen {
        @Override
        public boolean hidesAllBelow() {
            return of.hidesAllBelow() && work.keepsOpaque();
        }

        @Override
        public Stream<Layer> layers() {
            return of.layers();
        }

        @Override
        public Seen moved(Zoom zoom) {
            return new Worked(of.moved(zoom), work.moved(zoom));
        }
    }

    /** Where a whole frame lies in the output, in its pixels. */
    record Bounds(double left, double top, double right, double bottom) {
        static Bounds of(Size output) {
            return new Bounds(0, 0, output.width(), output.height());
        }

        Bounds moved(Zoom zoom) {
            return new Bounds(
                    left * zoom.times() + zoom.byX(),
                    top * zoom.times() + zoom.byY(),
                    right * zoom.times() + zoom.byX(),
                    bottom * zoom.times() + zoom.byY());
        }
    }

    /**
     * A thing blurred by a Gaussian; what lies beyond the frame is as at its border.
     *
     * @param sigmaX output pixels, at least 0
     * @param sigmaY likewise
     * @param frame where it ends
     */
    record Soft(Seen of, double sigmaX, double sigmaY, Bounds frame) implements Seen {
        @Override
        public boolean hidesAllBelow() {
            return of.hidesAllBelow();
        }

        @Override
        public Stream<Layer> layers() {
            return of.layers();
        }

        @Override
        public Seen moved(Zoom zoom) {
            return new Soft(of.moved(zoom), sigmaX * zoom.times(), sigmaY * zoom.times(), frame.moved(zoom));
        }
    }

    /** A blurred thing whose light stands ready for one output. */
    record Ready(SoftLight light) implements Seen {
        @Override
        public boolean hidesAllBelow() {
            return light.opaque();
        }

        @Override
        public Stream<Layer> layers() {
            return Stream.empty();
        }

        @Override
        public Seen moved(Zoom zoom) {
            throw new IllegalStateException("what is ready for one output is not for another");
        }
    }
}
