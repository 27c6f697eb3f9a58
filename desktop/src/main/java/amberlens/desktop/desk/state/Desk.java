package amberlens.desktop.desk.state;

import amberlens.core.edit.edits.CameraEdits;
import amberlens.core.edit.edits.Edit;
import amberlens.core.edit.edits.StartKept;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.property.Property;
import amberlens.core.motion.property.Unit;
import java.util.Optional;
import java.util.function.Consumer;

/**
 * What all views share, on the interface thread: the {@link Document} that is worked on, the {@link Cursor} in it, the
 * {@link Tools} it is looked at and handled with, and how a person likes to work.
 */
public final class Desk {
    private final Listeners listeners = new Listeners();
    private final Preferences preferences;
    private final Document document = new Document(listeners);
    private final Cursor cursor;
    private final Tools tools = new Tools(listeners);
    private String message = "";
    private Optional<Offer> offer = Optional.empty();

    /** A desk whose preferences are forgotten. */
    public Desk() {
        this(new Preferences());
    }

    /** Something that may be wanted next: its words, and what it does. */
    public record Offer(String words, Runnable next) {}

    public Desk(Preferences preferences) {
        this.preferences = preferences;
        cursor = new Cursor(document, listeners, preferences);
        document.watchedBy(new Document.Onlooker() {
            @Override
            public Document.Place here() {
                return cursor.here();
            }

            @Override
            public void back(Document.Place place) {
                cursor.back(place);
            }

            @Override
            public void changed() {
                cursor.follow();
            }

            @Override
            public void loaded() {
                cursor.reset();
                tools.reset();
                say("");
            }
        });
    }

    public Document document() {
        return document;
    }

    public Cursor cursor() {
        return cursor;
    }

    public Tools tools() {
        return tools;
    }

    public Preferences preferences() {
        return preferences;
    }

    /** The unit in which a property of a shot is shown; titles fill nothing, so theirs are always in the project's own. */
    public Unit unit(Property<?> property, Shot shot) {
        return document.project().isTitle(shot) ? property.units().getFirst() : preferences.unit(property);
    }

    /**
     * The change of a shot's pose by a hand, see {@link CameraEdits#setFraming}; the start of a shot without keys is kept where that is
     * wanted.
     */
    public Edit setFraming(String name, String shotId, int frame, Pose pose) {
        return keepingStart(CameraEdits.setFraming(name, shotId, frame, pose), shotId, frame);
    }

    /** Likewise the change of one property, see {@link CameraEdits#setValue}. */
    public <V> Edit setValue(String name, Shot shot, Property<V> property, int frame, V value) {
        Edit change = CameraEdits.setValue(name, shot, property, frame, value);
        return property.group().ofMove() ? keepingStart(change, shot.id(), frame) : change;
    }

    /** A change of a shot's pose at a frame, likewise. */
    public Edit keepingStart(Edit change, String shotId, int frame) {
        return preferences.keepsStart() ? StartKept.of(change, shotId, frame) : change;
    }

    /** Whether a change of a shot's pose at the playhead would make what it is now its first framing. */
    public boolean wouldKeepStart(Shot shot) {
        return preferences.keepsStart() && StartKept.applies(document.project(), shot, cursor.shotFrame());
    }

    /** Changes a preference and tells everybody. */
    public void prefer(Consumer<Preferences> change) {
        change.accept(preferences);
        tell(Change.PREFERENCES);
    }

    public Subscription subscribe(Consumer<Changes> listener) {
        return listeners.add(listener);
    }

    /** How many listen; for the test that no view leaves one behind. */
    public int listeners() {
        return listeners.count();
    }

    /** Tells all listeners. */
    public void tell(Change first, Change... more) {
        listeners.tell(first, more);
    }

    /** What the status line should say before anything else; empty for nothing. */
    public String message() {
        return message;
    }

    public void say(String newMessage) {
        if (!newMessage.equals(message)) {
            message = newMessage;
            offer = Optional.empty();
            tell(Change.MESSAGE);
        }
    }

    /** Says something, and offers what may be wanted next. */
    public void say(String newMessage, String words, Runnable next) {
        message = newMessage;
        offer = Optional.of(new Offer(words, next));
        tell(Change.MESSAGE);
    }

    /** What may be wanted after what was said. */
    public Optional<Offer> offer() {
        return offer;
    }
}
