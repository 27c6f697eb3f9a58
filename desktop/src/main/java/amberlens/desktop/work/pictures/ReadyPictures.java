package amberlens.desktop.work.pictures;

import static java.util.concurrent.TimeUnit.MILLISECONDS;

import amberlens.core.base.geometry.Size;
import amberlens.core.material.planes.Cutouts;
import amberlens.core.material.planes.Plane;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Media;
import amberlens.core.pixels.sampling.Pyramid;
import amberlens.core.render.frame.LineUpFrame;
import amberlens.core.render.frame.Picture;
import amberlens.core.render.frame.PictureRef;
import amberlens.desktop.work.background.Background;
import amberlens.media.pixels.PixelCache;
import java.lang.ref.WeakReference;
import java.nio.file.Path;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.function.BooleanSupplier;
import org.jspecify.annotations.Nullable;

/**
 * The pictures that can be shown without waiting. What is not ready is asked for, and its arrival is told once. Lives on
 * the interface thread.
 */
public final class ReadyPictures implements LineUpFrame.Pictures {
    private final PixelCache cache;
    private final Background background;
    private final BooleanSupplier playing;
    private final Runnable onArrival;
    private final Set<PictureRef> expected = new HashSet<>();
    private final Map<Media, FootageAhead> footage = new HashMap<>();
    private final Map<CutPart, WeakReference<Pyramid>> cuts = new HashMap<>();

    private record CutPart(String media, int number) {}

    /**
     * @param playing whether following frames of footage will be wanted
     */
    public ReadyPictures(PixelCache cache, Background background, BooleanSupplier playing, Runnable onArrival) {
        this.cache = cache;
        this.background = background;
        this.playing = playing;
        this.onArrival = onArrival;
    }

    @Override
    public @Nullable Picture of(PictureRef ref) {
        Media media = ref.media();
        if (!media.hasPixels()) {
            return Picture.without(media).orElse(null);
        }
        Pyramid pixels = problem(media).isPresent() ? null : pixels(ref);
        return pixels == null ? null : new Picture.Pixels(pixels);
    }

    /** What a frame reads stays while it is looked at. */
    @Override
    public void reads(Collection<PictureRef> refs) {
        cache.pin(this, refs);
    }

    private @Nullable Pyramid pixels(PictureRef ref) {
        if (ref instanceof PictureRef.FootageFrame(Media media, int frame)) {
            return footage.computeIfAbsent(
                            media, found -> new FootageAhead(found, cache, background, playing, onArrival))
                    .at(frame);
        }
        Optional<Pyramid> ready = cache.ready(ref);
        if (ready.isEmpty() && cache.problem(ref).isEmpty() && expected.add(ref)) {
            background.whenEnded(cache.request(ref), () -> arrived(ref));
        }
        return ref instanceof PictureRef.CutOut cut ? lastCut(cut, ready.orElse(null)) : ready.orElse(null);
    }

    /** While a part of a picture is cut anew, the one before it is seen. */
    private @Nullable Pyramid lastCut(PictureRef.CutOut cut, @Nullable Pyramid now) {
        var part = new CutPart(cut.media().id(), cut.number());
        if (now != null) {
            cuts.put(part, new WeakReference<>(now)); // the cache decides how long it is held
            return now;
        }
        WeakReference<Pyramid> held = cuts.get(part);
        Pyramid before = held == null ? null : held.get();
        return before != null && before.size().equals(size(cut)) ? before : null;
    }

    private static Size size(PictureRef.CutOut cut) {
        Size picture = cut.media().size();
        List<Plane> planes = Cutouts.inOrder(cut.media().planes());
        return cut.number() == Cutouts.GROUND
                ? picture
                : Cutouts.area(planes.get(cut.number() - Cutouts.ofPlane(0)), picture)
                        .size();
    }

    private void arrived(PictureRef ref) {
        expected.remove(ref);
        onArrival.run();
        cache.triesAgainIn(Path.of(ref.media().path()))
                .ifPresent(time -> background.whenEnded(
                        CompletableFuture.runAsync(
                                () -> {}, CompletableFuture.delayedExecutor(time.toMillis() + 1, MILLISECONDS)),
                        onArrival));
    }

    /** Whether frames of media have been seen that are damaged. */
    public boolean damaged(Media media) {
        return media.hasPixels() && !cache.damaged(media).isEmpty();
    }

    /** Why the picture of media cannot be shown, if it is known that it cannot. */
    public Optional<FileProblem> problem(Media media) {
        return cache.problem(media);
    }
}
