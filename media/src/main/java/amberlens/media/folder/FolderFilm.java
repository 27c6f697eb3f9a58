package amberlens.media.folder;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.base.time.Seconds;
import amberlens.core.edit.edits.BeatEdits;
import amberlens.core.edit.edits.MarkEdits;
import amberlens.core.edit.edits.MediaEdits;
import amberlens.core.edit.edits.ReadyEdits;
import amberlens.core.edit.edits.ShotEdits;
import amberlens.core.edit.edits.SoundEdits;
import amberlens.core.edit.edits.TitleEdits;
import amberlens.core.judge.edges.Refit;
import amberlens.core.judge.sharpness.Enlargement;
import amberlens.core.material.layering.Fade;
import amberlens.core.material.layering.Layering;
import amberlens.core.material.mark.FoundMark;
import amberlens.core.material.sound.BeatGrid;
import amberlens.core.material.sound.Beats;
import amberlens.core.material.sound.Samples;
import amberlens.core.material.sound.SoundClip;
import amberlens.core.material.title.Title;
import amberlens.core.model.hearing.LineUpBeats;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.FrameFormat;
import amberlens.core.model.project.LineUp;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.media.marks.KeptMarks;
import amberlens.media.sound.DecodedSound;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * A line-up of what a folder holds: a shot for each picture and film, moves for the pictures, all of them sealed, titles, and music on whose
 * beats the cuts fall.
 *
 * @param frame of the film
 * @param rate of the film
 * @param seconds how long each picture is seen, about; films are as long as they are
 * @param seed of the moves: the same gives the same film
 */
public record FolderFilm(Size frame, FrameRate rate, double seconds, long seed) {
    private static final Seconds FADE_OUT = new Seconds(2, 1);
    private static final double LONGEST_TITLE_SECONDS = 4;

    /** Where titles stand, of the frame's height, and how large their letters are. */
    private static final double TITLE_HEIGHT = 0.84;

    private static final double TITLE_SIZE = 0.062;

    public FolderFilm {
        if (!(seconds >= 0.1 && seconds <= 3600)) {
            throw new IllegalArgumentException("a picture is seen for 0.1 to 3600 seconds, not for " + seconds);
        }
    }

    /**
     * Music.
     *
     * @param media what plays
     * @param length of it
     * @param beats those that were found
     */
    public record Music(Media media, Seconds length, BeatGrid beats) {
        /**
         * Listens to the music of a folder, if it has any.
         *
         * @param problems takes the line that names music which cannot be read; the film then goes without
         */
        public static Optional<Music> of(FolderContents contents, Consumer<String> problems) {
            if (contents.music().isEmpty()) {
                return Optional.empty();
            }
            try {
                return Optional.of(of(contents.music().get()));
            } catch (FileProblem e) {
                problems.accept(e.getMessage());
                return Optional.empty();
            }
        }

        /**
         * Listens to a sound; that takes some seconds.
         *
         * @throws FileProblem when it cannot be read, or is not only heard
         */
        public static Music of(Media media) throws FileProblem {
            if (media.isSeen()) {
                throw new FileProblem(media.fileName() + " is not a sound file; choose one for the music.");
            }
            try (DecodedSound sound = DecodedSound.of(Path.of(media.path()), () -> true)) {
                BeatGrid beats = BeatGrid.of(Beats.of(sound, _ -> true));
                return new Music(media, new Seconds(sound.length(), Samples.RATE), beats);
            }
        }
    }

    /**
     * What came of it.
     *
     * @param remarks a line for each picture that could not have its move, and what else is to be known
     */
    public record Made(Project project, List<String> remarks) {}

    /** Lays, cuts, moves and titles; at least one picture or film is there. */
    public Made make(String name, FolderContents contents, Optional<Music> music) {
        return make(name, contents, music, media -> List.of());
    }

    /**
     * Likewise, with moves that aim at what matters in the pictures.
     *
     * @param marks what is found in a picture
     */
    public Made make(
            String name, FolderContents contents, Optional<Music> music, Function<Media, List<FoundMark>> marks) {
        Project project = Project.empty(name).withFrame(new FrameFormat(frame, rate, Colour.BLACK));
        project = MediaEdits.addAll(contents.seen()).apply(project);
        List<Media> seen = project.media();
        for (int i = 0; i < seen.size(); i++) {
            project = ShotEdits.add(seen.get(i), Refit.FILL, i).apply(project);
        }
        project = lengths(project);
        if (music.isPresent()) {
            project = cut(project, music.get());
        }
        Set<String> pictures = ids(project, true);
        project = project.withMedia(project.media().stream()
                .map(media -> KeptMarks.isLookedAt(media) && !media.moves()
                        ? MarkEdits.noted(media, marks.apply(media))
                        : media)
                .toList());
        ReadyEdits.Plan plan = ReadyEdits.arrange(project, pictures, seed, 100, Enlargement.UNNOTICED);
        project = plan.edit().apply(project);
        List<String> remarks = new ArrayList<>();
        music.filter(found -> found.beats().isEmpty())
                .ifPresent(found ->
                        remarks.add(found.media().fileName() + " has no beats that can be found; cuts fall evenly."));
        for (var entry : plan.remarks().entrySet()) {
            Shot shot = project.shot(entry.getKey()).orElseThrow();
            remarks.add(project.mediaOf(shot).fileName() + ": " + entry.getValue() + ".");
        }
        return new Made(titled(project, contents), remarks);
    }

    private Project lengths(Project laid) {
        Project project = laid;
        int length = (int) Math.max(1, Math.round(seconds * rate.perSecond()));
        for (String id : ids(laid, false)) {
            if (!project.mediaOf(project.shot(id).orElseThrow()).moves()) {
                project = ShotEdits.setLength(id, length, ShotEdits.Timing.KEEP).apply(project);
            }
        }
        return project;
    }

    private static Set<String> ids(Project project, boolean stillsOnly) {
        return project.shots().stream()
                .filter(shot -> !stillsOnly || !project.mediaOf(shot).moves())
                .map(Shot::id)
                .collect(Collectors.toSet());
    }

    /** Music from the start, with the cuts on its beats; it fades out with the last picture. */
    private static Project cut(Project laid, Music music) {
        Project project = MediaEdits.addAll(List.of(music.media())).apply(laid);
        Media media = project.media().getLast();
        project = SoundEdits.add(media, Seconds.ZERO, music.length()).apply(project);
        LineUpBeats beats = LineUpBeats.of(project, _ -> Optional.of(music.beats()));
        if (!beats.isEmpty()) {
            project = BeatEdits.cut(ids(laid, false), beats.frames(), BeatEdits.Cuts.NEAREST, ShotEdits.Timing.STRETCH)
                    .apply(project);
        }
        SoundClip clip = project.sounds().getLast();
        Seconds end = Seconds.ofFrames(LineUp.length(project), project.frame().rate());
        if (clip.end().compareTo(end) > 0) {
            project = SoundEdits.trimEnd(clip.id(), end).apply(project);
        }
        Seconds length = project.sounds().getLast().length();
        Seconds fade = length.compareTo(FADE_OUT) < 0 ? length : FADE_OUT;
        return SoundEdits.setFades(clip.id(), Seconds.ZERO, fade).apply(project);
    }

    private Project titled(Project moved, FolderContents contents) {
        Project project = moved;
        for (Shot shot : LineUp.inTime(moved)) {
            String words = contents.titles().get(moved.mediaOf(shot).path());
            if (words != null) {
                project = titled(project, shot, words);
            }
        }
        return project;
    }

    private Project titled(Project project, Shot shot, String words) {
        Title title = Title.of(words).withSize(Math.max(8, TITLE_SIZE * frame.height()));
        Project with = TitleEdits.add(title, shot.start()).apply(project);
        Shot laid = with.shots().getLast();
        int length = Math.min(shot.length(), (int) Math.round(LONGEST_TITLE_SECONDS * rate.perSecond()));
        int fade = Math.max(1, Math.min(length / 3, rate.nominal() / 2));
        var place = new FramePoint(frame.width() / 2.0, TITLE_HEIGHT * frame.height());
        return with.mapShot(laid.id(), found -> found.withLength(length)
                .withCamera(CameraTrack.still(found.camera().at(0).withPosition(place)))
                .withLayering(Layering.PLAIN
                        .withEnter(Optional.of(Fade.over(fade)))
                        .withLeave(Optional.of(Fade.over(fade)))));
    }
}
