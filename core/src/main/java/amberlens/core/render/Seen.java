package amberlens.core.render;

import amberlens.core.colour.Colour;
import amberlens.core.filter.LightWork;
import amberlens.core.filter.SoftLight;
import amberlens.core.geometry.Size;
import amberlens.core.layering.BlendMode;
import java.util.List;
import java.util.stream.Stream;

/** Something that can be seen in the output. */
public sealed interface Seen
        permits Layer, Written, Seen.Group, Seen.Mix, Seen.Tinted, Seen.Exposed, Seen.Worked, Seen.Soft, Seen.Ready {
    /** Whether nothing that lies below it can be seen. */
    boolean hidesAllBelow();

    /** Every placed picture in it. */
    Stream<Layer> layers();

    /** The same a little to the side, in output pixels. */
    Seen shifted(double byX, double byY);

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
        public Seen shifted(double byX, double byY) {
            return new Group(parts.stream().map(part -> part.shifted(byX, byY)).toList(), opacity, blend);
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
        public Seen shifted(double byX, double byY) {
            return new Mix(from.shifted(byX, byY), to.shifted(byX, byY), part);
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
        public Seen shifted(double byX, double byY) {
            return new Exposed(
                    instants.stream().map(one -> one.shifted(byX, byY)).toList());
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
        public Seen shifted(double byX, double byY) {
            return new Tinted(of.shifted(byX, byY), colour, part);
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
        public Seen shifted(double byX, double byY) {
            return new Worked(of.shifted(byX, byY), work.shifted(byX, byY));
        }
    }

    /** Where a whole frame lies in the output, in its pixels. */
    record Bounds(double left, double top, double right, double bottom) {
        static Bounds of(Size output) {
            return new Bounds(0, 0, output.width(), output.height());
        }

        Bounds shifted(double byX, double byY) {
            return new Bounds(left + byX, top + byY, right + byX, bottom + byY);
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
        public Seen shifted(double byX, double byY) {
            return new Soft(of.shifted(byX, byY), sigmaX, sigmaY, frame.shifted(byX, byY));
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
        public Seen shifted(double byX, double byY) {
            throw new IllegalStateException("what stands ready for one output is not for another");
        }
    }
}
