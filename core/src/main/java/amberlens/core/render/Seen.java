package amberlens.core.render;

import amberlens.core.colour.Colour;
import amberlens.core.layering.BlendMode;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/** Something that can be seen in the output. */
public sealed interface Seen permits Layer, Seen.Group, Seen.Mix, Seen.Tinted, Seen.Exposed {
    /** Whether nothing that lies below it can be seen. */
    boolean hidesAllBelow();

    /** Every placed picture in it. */
    Stream<Layer> layers();

    /** The same with every placed picture in it changed. */
    Seen map(UnaryOperator<Layer> change);

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
        public Seen map(UnaryOperator<Layer> change) {
            return new Group(parts.stream().map(part -> part.map(change)).toList(), opacity, blend);
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
        public Seen map(UnaryOperator<Layer> change) {
            return new Mix(from.map(change), to.map(change), part);
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
        public Seen map(UnaryOperator<Layer> change) {
            return new Exposed(instants.stream().map(one -> one.map(change)).toList());
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
        public Seen map(UnaryOperator<Layer> change) {
            return new Tinted(of.map(change), colour, part);
        }
    }
}
