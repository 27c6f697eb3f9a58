package amberlens.desktop.desk.menu;

import static amberlens.desktop.desk.menu.Entry.group;
import static amberlens.desktop.desk.menu.Entry.groups;
import static amberlens.desktop.desk.menu.Entry.inner;

import amberlens.core.base.geometry.DeliveryGuide;
import amberlens.core.material.look.LookKinds;
import amberlens.desktop.desk.actions.Action.Menu;
import amberlens.desktop.desk.state.Tools;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

/** The table of contents of the menus. What is in none is found by the search over all actions. */
final class MenuPlan {
    private static final List<Entry> EASES = group(
            "ease.hold",
            "ease.linear",
            "ease.gentle_leave",
            "ease.gentle_arrive",
            "ease.gentle_both",
            "ease.smooth",
            "leg.fly");

    private static final List<Entry> LOOKS = group(LookKinds.ALL.stream()
            .map(kind -> (Object) ("look.add-" + kind.id()))
            .toArray());

    private MenuPlan() {}

    /** A menu of actions, one for each value. */
    private static Entry each(String word, String prefix, Enum<?>[] values) {
        return inner(
                word,
                Stream.of(values)
                        .map(value -> prefix + value.name().toLowerCase(Locale.ROOT))
                        .toArray(String[]::new));
    }

    static List<Entry> of(Menu menu) {
        return switch (menu) {
            case PROJECT -> projectMenu();
            case EDIT -> editMenu();
            case SHOT -> shotMenu();
            case LINE_UP -> lineUpMenu();
            case EDGES -> edgesMenu();
            case MOVE -> moveMenu();
            case KEYS -> keysMenu();
            case VIEW -> viewMenu();
            case PLAY -> playMenu();
            case HELP -> groups(group("help.first-move", "help.guide"), group("help.keys"));
        };
    }

    private static List<Entry> projectMenu() {
        return groups(
                group(
                        "project.new",
                        "project.open",
                        new Entry.Recent(),
                        inner("Start from", "project.film", "project.take")),
                group("project.save", "project.save-as", inner("Earlier work", "project.versions", "project.kept")),
                group("media.add", inner("Missing and skipped", "media.find", "media.trust")),
                group(
                        "project.frame",
                        inner(
                                "Deliveries",
                                "delivery.list",
                                "delivery.next",
                                "delivery.reframe",
                                "delivery.reframe-all",
                                "delivery.give-back"),
                        "project.export",
                        inner("Exports and proof", "project.exports", "project.proof")),
                group("settings.show"));
    }

    private static List<Entry> editMenu() {
        return groups(
                group("edit.undo", "edit.redo", "edit.history"),
                group(
                        "edit.cut",
                        "edit.copy",
                        "edit.copy-move",
                        inner("Paste", "edit.paste", "edit.paste-values", "edit.paste-eases", "edit.paste-relative"),
                        "edit.delete"),
                group("keys.all", "keys.here", "lineup.select-all"));
    }

    private static List<Entry> shotMenu() {
        return groups(
                group(
                        "shot.name-and-length",
                        inner("Length", "shot.length-keep", "shot.length-stretch", "shot.longer", "shot.shorter")),
                group(
                        inner("Reset to", "shot.fill", "shot.fit", "shot.one_to_one"),
                        inner("Background", "shot.backdrop-below", "shot.backdrop-blurred", "shot.backdrop-colour"),
                        "shot.mirror",
                        inner("In planes", "planes.show", "planes.cut", "planes.person", "planes.draw", "planes.away"),
                        "lineup.footage"),
                group("title.add", "title.write"),
                group(
                        "shelf.lay",
                        inner(
                                "Over others",
                                "shelf.inset_side_by_side",
                                "shelf.inset_stacked",
                                "shelf.inset_one_after_another",
                                "lineup.transition",
                                "lineup.blend")),
                group(
                        new Entry.Inner("Add a look", LOOKS),
                        inner(
                                "Looks",
                                "look.aside",
                                "look.copy",
                                "look.flash",
                                "look.pulse",
                                "look.open",
                                "look.away")),
                group("shot.delete"));
    }

    private static List<Entry> lineUpMenu() {
        return groups(
                group("lineup.split", "lineup.join", "lineup.trim-start", "lineup.trim-end"),
                group(
                        "lineup.copy",
                        "lineup.lengths",
                        "lineup.close-gaps",
                        inner(
                                "Move and slip",
                                "lineup.earlier",
                                "lineup.later",
                                "lineup.up",
                                "lineup.down",
                                "lineup.slip-back",
                                "lineup.slip-on")),
                group(
                        inner(
                                "Sound",
                                "sound.level",
                                "sound.key",
                                "sound.split",
                                "sound.copy",
                                "sound.earlier",
                                "sound.later",
                                "sound.mute",
                                "sound.mute-track",
                                "sound.solo",
                                "sound.solo-track",
                                "sound.duck",
                                "sound.even",
                                "sound.master",
                                "sound.heard",
                                "sound.detach"),
                        inner(
                                "Beats",
                                "beats.cut",
                                "beats.end",
                                "beats.pulse",
                                "beats.bars",
                                "beats.rig",
                                "beats.tap",
                                "beats.edit",
                                "beats.half",
                                "beats.double",
                                "beats.first",
                                "beats.none",
                                "beats.found")),
                group("lineup.rig", "lineup.laying", "lineup.timeline"),
                group("lineup.show-all"));
    }

    private static List<Entry> edgesMenu() {
        return groups(
                group("edges.seal", "edges.lift", "edges.lock"),
                group("edges.next", "edges.back", "edges.check-all"),
                group("marks.aside"),
                group("edges.keep-inside", "edges.fills-frame", "edges.opaque", "edges.delivery"),
                group("edges.closest", "edges.sharpness"));
    }

    private static List<Entry> moveMenu() {
        return groups(
                group(
                        "framing.add",
                        inner("Framing", "framing.whole", "framing.rest"),
                        new Entry.Inner("Ease", EASES),
                        inner("Evenness", "move.gentle", "move.glide", "move.advice")),
                group(
                        inner("Frame this", "aim.level", "aim.cover", "aim.inside", "aim.places", "aim.zoom-about"),
                        inner("Subject", "aim.subject", "aim.hold", "aim.hold-leg", "aim.no-subject", "follow.away"),
                        inner("Footage", "follow.open", "follow.steady", "follow.stop")),
                group(
                        inner("From a film or a hand", "move.film", "move.shake", "move.jolts"),
                        inner("From another shot", "move.carry", "move.free"),
                        inner("A whole set", "move.arrange", "move.even")),
                group(inner("Files", "move.out", "move.in", "move.open")),
                group(
                        inner("Versions", "version.keep", "version.next", "version.forget"),
                        inner("Whole move", "depth.turn-over", "move.mute", "move.reset")));
    }

    private static List<Entry> keysMenu() {
        return groups(
                group(inner("Move in time", "keys.on", "keys.back", "keys.far-on", "keys.far-back")),
                group("keys.to-playhead", "keys.to-marker", "keys.to-end", "keys.reverse"),
                group("score.curves", "score.tall", "score.closer", "score.further"));
    }

    private static List<Entry> viewMenu() {
        return groups(
                group("arrange.gather", "arrange.table", "arrange.both", "arrange.lens"),
                group("shelf.fold", inner("On the Shelf", "shelf.ready", "shelf.looks"), "view.depth"),
                group(
                        inner("Table", "view.fit-all", "view.fit-gate", "view.table-moment", "marks.show"),
                        inner("Lens", "view.lens-zoom", "lens.full", "lens.window")),
                group(inner("Frames", "view.first", "view.last", "view.ends", "view.alone"), "view.difference"),
                group(
                        each("Guides", "guide.", Tools.Guide.values()),
                        each("Delivery guide", "delivery.", DeliveryGuide.values())));
    }

    private static List<Entry> playMenu() {
        return groups(
                group(
                        "play.toggle",
                        "play.loop",
                        "play.loop-selection",
                        "play.ready",
                        inner("Shuttle", "play.shuttle-on", "play.shuttle-back"),
                        "play.scrub-sound"),
                group(
                        "go.time",
                        inner("Frame", "go.on", "go.back", "go.far-on", "go.far-back"),
                        inner("End", "go.first", "go.last", "go.start", "go.end"),
                        inner("Framing or key", "go.framing-on", "go.framing-back", "go.key-on", "go.key-back")),
                group(
                        "marker.shot",
                        "marker.line-up",
                        "marker.name",
                        inner("Go to a marker", "go.marker-on", "go.marker-back")));
    }

    /** What can be done with what is pointed at. */
    static List<Entry> of(MenuTarget spot) {
        return switch (spot) {
            case SHOT ->
                groups(
                        group("shot.name-and-length", "lineup.transition", "lineup.blend", "lineup.footage"),
                        group("lineup.split", "lineup.join", "lineup.copy"),
                        group("beats.cut", "beats.end", inner("Sound of footage", "sound.heard", "sound.detach")),
                        group("edges.lift", "edges.fills-frame", "edges.keep-inside"),
                        group("move.carry", "move.arrange"),
                        group("shot.delete"));
            case SOUND ->
                groups(
                        group("sound.level", "sound.key", "sound.even", "sound.duck"),
                        group("sound.split", "sound.copy"),
                        group("sound.mute", "sound.solo", "sound.mute-track", "sound.solo-track"),
                        group("beats.edit", "beats.cut"),
                        group("edit.delete"));
            case KEYS ->
                groups(
                        group(new Entry.Inner("Ease", EASES), "score.tall"),
                        group("edit.cut", "edit.copy", "edit.paste", "edit.paste-relative"),
                        group("keys.to-playhead", "keys.to-marker", "keys.reverse"),
                        group("edit.delete"));
            case LEG -> groups(EASES, group("move.gentle", "move.glide", "aim.hold-leg"));
            case FRAMING ->
                groups(
                        group("edit.cut", "edit.copy", "edit.paste", "edit.delete"),
                        group("framing.rest", "framing.whole", "keys.to-playhead", "edges.lock"),
                        group("move.gentle", "move.glide"));
            case TIME ->
                groups(
                        group("framing.add", "edit.paste", "marker.shot", "marker.name"),
                        group("keys.here", "keys.all"),
                        group("score.curves", "score.closer", "score.further"));
            case GATE ->
                groups(
                        group("framing.add", "framing.whole", "edges.lock", "aim.zoom-here"),
                        group("aim.level", "aim.cover", "aim.inside", "aim.subject"),
                        group(
                                inner("Mark", "marks.rests", "marks.always", "marks.off", "marks.refuse"),
                                "marks.draw",
                                "marks.aim",
                                "marks.aside"),
                        group("edges.lift", "edges.keep-inside"),
                        group("view.fit-gate", "view.fit-all"));
            case OUTPUT ->
                groups(
                        group("framing.add", "framing.whole", "aim.zoom-here", "aim.level", "aim.subject"),
                        group("view.first", "view.last", "view.ends", "view.difference"),
                        group("view.lens-zoom", "lens.full", "lens.window"));
        };
    }
}
