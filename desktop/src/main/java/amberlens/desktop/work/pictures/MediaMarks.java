package amberlens.desktop.work.pictures;

import amberlens.core.edit.edits.Edit;
import amberlens.core.edit.edits.MarkEdits;
import amberlens.core.edit.edits.ReadyEdits;
import amberlens.core.material.mark.FoundMark;
import amberlens.core.material.mark.Mark;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.desktop.work.background.Background;
import amberlens.desktop.work.background.Work;
import amberlens.media.marks.KeptMarks;
import amberlens.media.pixels.PixelCache;
import java.util.ArrayDeque;
import java.util.Collection;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;
import org.jspecify.annotations.Nullable;

/**
 * What matters in the pictures of the project: the marks that it has, or else what is found, one picture after the other in the background.
 * Lives on the interface thread.
 */
public final class MediaMarks {
    private final KeptMarks kept;
    private final PixelCache pictures;
    private final Background background;
    private final BooleanSupplier wanted;
    private final Runnable onNew;
    private final Map<String, List<FoundMark>> found = new HashMap<>();
    private final Set<String> asked = new HashSet<>();
    private final Deque<Media> waiting = new ArrayDeque<>();
    private boolean looking;
    private @Nullable Project seen;
    private @Nullable Project with;

    /**
     * @param wanted whether pictures may be looked through
     * @param onNew called when something was found
     */
    public MediaMarks(
            KeptMarks kept, PixelCache pictures, Background background, BooleanSupplier wanted, Runnable onNew) {
        this.kept = kept;
        this.pictures = pictures;
        this.background = background;
        this.wanted = wanted;
        this.onNew = onNew;
    }

    /** Forgets what belongs to another project. */
    public void forget() {
        waiting.clear();
        asked.clear(); // what is looked at now ends by itself, and the next one follows it
    }

    /** Looks through pictures that were not looked at yet. */
    public void look(Project project) {
        for (Media media : project.media()) {
            if (wanted.getAsBoolean()
                    && KeptMarks.isLookedAt(media)
                    && media.marks().isEmpty()
                    && !found.containsKey(key(media))
                    && asked.add(key(media))) {
                waiting.add(media);
            }
        }
        next();
    }

    private static String key(Media media) {
        return media.path() + "\n" + media.page();
    }

    private void next() {
        Media media = looking ? null : waiting.poll();
        if (media == null) {
            return;
        }
        looking = true;
        background.start(Work.of(() -> kept.find(media, pictures), marks -> found(media, marks), _ -> {})
                .takesLong()
                .atEnd(() -> {
                    looking = false;
                    next();
                }));
    }

    private void found(Media media, List<FoundMark> marks) {
        found.put(key(media), marks);
        with = null;
        onNew.run();
    }

    /** Whether all pictures were looked at that are to be. */
    public boolean isDone() {
        return waiting.isEmpty() && !looking;
    }

    /** The marks of an item: its own, or those that were found; none as long as it was not looked at. */
    public List<Mark> of(Media media) {
        List<FoundMark> known = found.get(key(media));
        return known == null || !wanted.getAsBoolean()
                ? media.marks()
                : MarkEdits.noted(media, known).marks();
    }

    /** A project with what was found in its pictures so far. */
    @SuppressWarnings("ReferenceEquality") // another project is another object
    public Project in(Project project) {
        Project before = with;
        if (before != null && seen == project) {
            return before;
        }
        Project now = project.withMedia(project.media().stream()
                .map(media -> of(media).equals(media.marks()) ? media : media.withMarks(of(media)))
                .toList());
        seen = project;
        with = now;
        return now;
    }

    /** Moves that were planned with what was found, with that noted. */
    public Edit with(ReadyEdits.Plan plan, Project project) {
        Edit noting = noting(
                project,
                plan.cameras().keySet().stream()
                        .flatMap(id -> project.shot(id).stream())
                        .map(Shot::media)
                        .toList());
        return Edit.all(plan.name(), List.of(noting, plan.edit()));
    }

    /** Notes in the project what was found in some of its pictures, so that what is made of it stays. */
    public Edit noting(Project project, Collection<String> mediaIds) {
        Map<String, List<FoundMark>> noted = new HashMap<>();
        for (String id : mediaIds) {
            Optional<Media> media = project.media(id).filter(one -> one.marks().isEmpty());
            media.map(one -> found.get(key(one)))
                    .filter(_ -> wanted.getAsBoolean())
                    .ifPresent(marks -> noted.put(id, marks));
        }
        return MarkEdits.found(noted);
    }
}
