package amberlens.core.material.mark;

import amberlens.core.pixels.sampling.Pyramid;
import java.util.List;

/** Finds what matters in pictures. */
public interface MarkFinder {
    /** What is found, the most important first; none where nothing is. Takes about a second. */
    List<FoundMark> find(Pyramid picture);
}
