package amberlens.desktop.work.sounds;

import amberlens.core.material.sound.BeatGrid;
import amberlens.core.material.sound.Beats;
import amberlens.core.material.sound.Peaks;
import amberlens.core.material.sound.Samples;
import amberlens.core.model.hearing.Hearing;
import amberlens.core.model.hearing.Hearing.Wanted;
import amberlens.core.model.hearing.LineUpBeats;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.media.intake.FilmGuard;
import amberlens.media.pixels.ReadingWatch;
import amberlens.media.sound.DecodedSound;
import amberlens.media.sound.SoundShelf;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executor;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * The sounds of a project: decoded, with their waves and beats, one after the other in the background, and kept while they are on the
 * Shelf. What the program is asked before it is ready is silent, and told when it is. Lives on the interface thread.
 */
public final class SoundStore implements Hearing.Source, AutoCloseable {
    private static final Logger LOG = LoggerFactory.getLogger(SoundStore.class);

    /** So often is told how far the work is, in parts of it. */
    private static final double TOLD = 0.05;

    /** A file, faster or slower. */
    private record Place(Path path, double tempo) {}

    private final ThreadPoolExecutor work = new ThreadPoolExecutor(
            1,
            1,
            0,
            TimeUnit.SECONDS,
            new LinkedBlockingQueue<>(),
            Thread.ofPlatform().name("sounds-", 0).daemon().factory(),
            new ThreadPoolExecutor.DiscardPolicy());
    private final Map<Place, KnownSound> known = new ConcurrentHashMap<>();
    private final Map<Place, DecodedSound> decoded = new HashMap<>();
    private final Set<Place> wanted = ConcurrentHashMap.newKeySet();
    private final ReadingWatch watch;
    private final FilmGuard guard;
    private final Executor interfaceThread;
    private final Runnable onNew;
    private Map<String, Path> paths = Map.of();
    private volatile boolean closed;
    private @Nullable Project beatsOf;
    private LineUpBeats beats = LineUpBeats.NONE;
    private int version;
    private int beatsVersion;

    /**
     * @param guard is asked before a file is opened
     * @param watch is told which files are being read
     * @param onNew called when more is known of a sound
     */
    public SoundStore(FilmGuard guard, ReadingWatch watch, Executor interfaceThread, Runnable onNew) {
        this.guard = guard;
        this.watch = watch;
        this.interfaceThread = interfaceThread;
        this.onNew = onNew;
    }

    /** Gets all sounds ready that a project has on its Shelf or plays, and lets go of others. */
    public void follow(Project project) {
        Map<String, Path> now = new HashMap<>();
        Set<Place> needed = new LinkedHashSet<>();
        for (Media media : project.media()) {
            if (media.sounds()) {
                Path path = Path.of(media.path());
                now.put(media.id(), path);
                if (media.kind() == Media.Kind.SOUND) {
                    needed.add(new Place(path, 1));
                }
            }
        }
        for (Wanted one : Hearing.wanted(project)) {
            needed.add(new Place(now.get(one.media()), one.tempo()));
        }
        paths = now;
        for (Place place : Set.copyOf(wanted)) {
            if (!needed.contains(place)) {
                forget(place);
            }
        }
        for (Place place : needed) {
            if (wanted.add(place)) {
                known.put(place, KnownSound.NOTHING);
                work.execute(() -> prepare(place));
            }
        }
    }

    /** Reads a file anew where it is still wanted. */
    public void forget(Path path) {
        Set.copyOf(wanted).stream().filter(place -> place.path().equals(path)).forEach(this::forget);
        version++;
    }

    private void forget(Place place) {
        wanted.remove(place);
        known.remove(place);
        DecodedSound gone = decoded.remove(place);
        if (gone != null) {
            gone.close();
        }
        version++;
    }

    /** What is known of the sound of media as they are. */
    public KnownSound known(Media media) {
        Path path = paths.get(media.id());
        return path == null ? KnownSound.NOTHING : known.getOrDefault(new Place(path, 1), KnownSound.NOTHING);
    }

    @Override
    public @Nullable Samples of(Wanted sound) {
        Path path = paths.get(sound.media());
        return path == null
                ? null
                : known.getOrDefault(new Place(path, sound.tempo()), KnownSound.NOTHING)
                        .samples();
    }

    /** The beats that are heard on the line-up. */
    public LineUpBeats beats(Project project) {
        boolean same = beatsOf != null
                && beatsOf.sounds() == project.sounds()
                && beatsOf.media() == project.media()
                && beatsOf.frame() == project.frame()
                && beatsVersion == version;
        if (!same) {
            beats = LineUpBeats.of(project, id -> project.media(id)
                    .flatMap(media -> known(media).beats()));
            beatsOf = project;
            beatsVersion = version;
        }
        return beats;
    }

    /** The beats of media: set by hand, or found. */
    public Optional<BeatGrid> beats(Media media) {
        return media.beats().or(() -> known(media).beats());
    }

    /** Whether any of it is still being read. */
    public boolean isBusy() {
        return known.values().stream().anyMatch(sound -> !sound.isDone());
    }

    /** What of the sounds of a project cannot be heard, for people. */
    public List<String> problems(Project project) {
        Set<String> told = new HashSet<>();
        return project.media().stream()
                .filter(Media::sounds)
                .flatMap(media -> known(media).problem().stream())
                .filter(told::add)
                .toList();
    }

    private void prepare(Place place) {
        if (!isWanted(place)) {
            return;
        }
        watch.begins(place.path());
        try {
            guard.check(place.path());
            DecodedSound sound = DecodedSound.of(place.path(), place.tempo(), () -> isWanted(place));
            interfaceThread.execute(() -> arrived(place, sound));
            update(place, at -> at.with((Samples) sound).at(0.2));
            if (place.tempo() == 1) {
                Peaks peaks = Peaks.of(sound, part -> isWanted(place));
                update(place, at -> at.with(peaks).at(0.4));
                work.execute(() -> findBeats(place, sound)); // after all others can be heard
            } else {
                update(place, at -> at.at(1));
            }
        } catch (FileProblem e) {
            boolean silent = SoundShelf.isSilent(place.path());
            update(place, at -> silent ? at.at(1) : at.without(String.valueOf(e.getMessage())));
        } catch (Throwable e) { // whatever one file does, the others are heard
            LOG.debug("reading the sound of {}", place.path(), e);
            update(place, at -> at.without(place.path() + " is damaged: its sound cannot be read."));
        } finally {
            watch.ends(place.path());
        }
    }

    private void findBeats(Place place, DecodedSound sound) {
        var last = new double[1];
        try {
            Beats found = Beats.of(sound, part -> {
                if (part - last[0] > TOLD) {
                    last[0] = part;
                    update(place, at -> at.at(0.4 + 0.6 * part));
                }
                return isWanted(place);
            });
            update(place, at -> at.with(BeatGrid.of(found)).at(1));
        } catch (RuntimeException e) { // it has been let go of meanwhile
            LOG.debug("finding the beats of {}", place.path(), e);
            update(place, at -> at.at(1));
        }
    }

    private boolean isWanted(Place place) {
        return !closed && wanted.contains(place);
    }

    private void arrived(Place place, DecodedSound sound) {
        if (isWanted(place)) {
            decoded.put(place, sound);
        } else {
            sound.close();
        }
    }

    private void update(Place place, UnaryOperator<KnownSound> change) {
        interfaceThread.execute(() -> {
            if (isWanted(place)) {
                known.computeIfPresent(place, (_, before) -> change.apply(before));
                version++;
                onNew.run();
            }
        });
    }

    @Override
    public void close() {
        closed = true;
        work.shutdownNow();
        decoded.values().forEach(DecodedSound::close);
        decoded.clear();
    }
}
