package amberlens.desktop.work.services;

import amberlens.core.base.geometry.Size;
import amberlens.core.model.project.Project;
import amberlens.core.render.frame.Compositor;
import amberlens.core.render.frame.LineUpFrame;
import amberlens.core.render.frame.Picture;
import amberlens.desktop.desk.state.Change;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Subscription;
import amberlens.desktop.work.background.Background;
import amberlens.desktop.work.background.Work;
import amberlens.desktop.work.facts.MarkFacts;
import amberlens.desktop.work.facts.PlaneFacts;
import amberlens.desktop.work.facts.ShotFacts;
import amberlens.desktop.work.pictures.FramePictures;
import amberlens.desktop.work.pictures.MadeReady;
import amberlens.desktop.work.pictures.MediaMarks;
import amberlens.desktop.work.pictures.ReadyPictures;
import amberlens.desktop.work.pictures.Thumbnails;
import amberlens.desktop.work.queue.ExportHistory;
import amberlens.desktop.work.queue.ExportQueue;
import amberlens.desktop.work.saving.SafeKeeping;
import amberlens.desktop.work.saving.Saver;
import amberlens.desktop.work.sounds.SoundStore;
import amberlens.desktop.work.sounds.WaveCards;
import amberlens.desktop.work.tracking.SubjectTracks;
import amberlens.files.Folders;
import amberlens.media.WorkPool;
import amberlens.media.export.CardEncoders;
import amberlens.media.film.StillFile;
import amberlens.media.marks.KeptMarks;
import amberlens.media.pixels.PixelCache;
import amberlens.project.safe.EarlierVersions;
import amberlens.project.safe.Safe;
import java.nio.file.Path;
import java.time.Duration;
import java.time.InstantSource;
import java.util.List;
import java.util.concurrent.Executor;
import java.util.concurrent.ExecutorService;
import java.util.function.Consumer;
import javafx.application.Platform;
import org.jspecify.annotations.Nullable;

/** What the views share beside the desk: work in the background, pictures, derived facts. */
public final class Services implements AutoCloseable {
    private static final int PICTURE_SIZE = 288;

    /** The window comes first. */
    private static final Duration START = Duration.ofSeconds(5);

    /** What is being looked at comes before all else. */
    private final WorkPool seenRows = WorkPool.ofCores();

    private final WorkPool rows = WorkPool.ofLowPriority();
    private final ExecutorService decoding = Background.daemons("decode", 2);
    private final ExecutorService seeing = Background.daemons("preview", 2);
    private final Background background;
    private final Saver saver;
    private final SafeKeeping keeping;
    private final EarlierVersions versions;
    private final Distrusted distrusted;
    private final Path safes;
    private final PixelCache cache;
    private final ShotFacts facts;
    private final ReadyPictures ready;
    private final Thumbnails thumbnails;
    private final MediaMarks marks;
    private final MadeReady made;
    private final MarkFacts cuts;
    private final Subscription looking;
    private final SoundStore sounds;
    private final WaveCards waves;
    private final ExportQueue exports;
    private final SubjectTracks tracks;

    /**
     * @param data where work is kept safe, and earlier versions
     */
    public Services(Desk desk, Path data) {
        WorkPool.warmUp(START);
        safes = data.resolve("safe");
        versions = new EarlierVersions(data.resolve("versions"));
        Executor interfaceThread = Platform::runLater;
        background = new Background(interfaceThread, desk.document()::identity, desk::say);
        saver = new Saver(interfaceThread, versions, InstantSource.system());
        keeping = new SafeKeeping(desk, saver, safes, this::picture, InstantSource.system(), interfaceThread);
        distrusted =
                new Distrusted(data.resolve("distrusted"), () -> keeping.safe().suspects());
        cache = new PixelCache(PixelCache.usualBudget(), decoding, seenRows, distrusted);
        PlaneFacts planes = new PlaneFacts(background, () -> desk.tell(Change.VIEW));
        desk.document().whenAnother(planes::forget);
        facts = new ShotFacts(desk.tools()::judgedDelivery, planes);
        ready = new ReadyPictures(
                cache, background, desk.cursor().transport()::playing, () -> desk.tell(Change.PICTURES));
        exports = new ExportQueue(
                cache,
                rows,
                background,
                System::nanoTime,
                () -> desk.tell(Change.EXPORTS),
                desk::say,
                new ExportHistory(desk.preferences())::add,
                keeping.exports());
        sounds = new SoundStore(distrusted, distrusted, interfaceThread, () -> desk.tell(Change.SOUNDS));
        waves = new WaveCards(sounds);
        tracks = new SubjectTracks(desk, rows, background);
        marks = new MediaMarks(
                new KeptMarks(Folders.cache()),
                cache,
                background,
                desk.preferences()::findsMarks,
                () -> desk.tell(Change.MARKS));
        desk.document().whenAnother(marks::forget);
        cuts = new MarkFacts(marks);
        made = new MadeReady(cache, rows, background, Folders.cache());
        desk.document().whenAnother(made::forget);
        looking = desk.subscribe(changes -> {
            if (changes.contains(Change.PROJECT) && changes.made() || changes.contains(Change.PREFERENCES)) {
                marks.look(desk.document().project());
            }
        });
        thumbnails = new Thumbnails(cache, rows, background, () -> desk.tell(Change.PICTURES));
    }

    /** Reads and writes projects in order. */
    public Saver saver() {
        return saver;
    }

    /** Keeps what is not saved. */
    public SafeKeeping keeping() {
        return keeping;
    }

    /** The saved versions of projects. */
    public EarlierVersions versions() {
        return versions;
    }

    /** Files on which the program died. */
    public Distrusted distrusted() {
        return distrusted;
    }

    /** Looks for what ended programs left behind; the files on which they died are distrusted from now on. */
    public void leftBehind(Consumer<List<Safe.LeftBehind>> answer) {
        background.start(Work.of(this::lookLeftBehind, answer).forEveryProject());
    }

    private List<Safe.LeftBehind> lookLeftBehind() {
        List<Safe.LeftBehind> left = Safe.leftBehind(safes);
        for (Safe.LeftBehind safe : left) {
            distrusted.add(safe.suspects());
            safe.forgetSuspects();
        }
        return left;
    }

    /** A small picture of a frame, as far as its pixels are available. */
    private byte @Nullable [] picture(Project project, int frame) {
        Size size = project.frameSize().fittedInto(PICTURE_SIZE, PICTURE_SIZE);
        var layers = LineUpFrame.layers(project, frame, size, ref -> Picture.without(ref.media())
                .or(() -> cache.ready(ref).map(Picture.Pixels::new))
                .orElse(null));
        return layers.isEmpty()
                ? null
                : StillFile.png(Compositor.compose(layers, project.frame().background(), size, rows));
    }

    /** Exports that wait and run. */
    public ExportQueue exports() {
        return exports;
    }

    /** The encoders of graphics cards. */
    public CardEncoders cards() {
        return CardEncoders.OF_THIS_MACHINE;
    }

    public WorkPool rows() {
        return rows;
    }

    public Background background() {
        return background;
    }

    public PixelCache cache() {
        return cache;
    }

    public ShotFacts facts() {
        return facts;
    }

    public ReadyPictures ready() {
        return ready;
    }

    public Thumbnails thumbnails() {
        return thumbnails;
    }

    /** What matters in the pictures. */
    public MediaMarks marks() {
        return marks;
    }

    /** Frames that are ready to be played. */
    public MadeReady made() {
        return made;
    }

    /** Where marks are cut. */
    public MarkFacts cuts() {
        return cuts;
    }

    /** The sounds of the project. */
    public SoundStore sounds() {
        return sounds;
    }

    /** Their waves as small pictures. */
    public WaveCards waves() {
        return waves;
    }

    /** Subjects that are looked for in footage. */
    public SubjectTracks tracks() {
        return tracks;
    }

    /** Frames for one view: on threads of their own, so that nothing stands before a picture that is waited for. */
    public FramePictures frames() {
        return new FramePictures(seenRows, seeing, background);
    }

    @Override
    public void close() {
        looking.close();
        made.close();
        exports.stopAll();
        tracks.close();
        sounds.close();
        keeping.close();
        saver.close();
        decoding.shutdownNow();
        seeing.shutdownNow();
        background.close();
        seenRows.close();
        rows.close();
        cache.close();
        distrusted.close();
    }
}
