package amberlens.desktop.time.hearing;

import amberlens.core.material.sound.Level;
import amberlens.desktop.kit.style.Brush;
import amberlens.desktop.kit.style.Fonts;
import amberlens.desktop.kit.style.Hint;
import amberlens.desktop.kit.style.Palette;
import amberlens.desktop.kit.style.Surface;
import java.util.Locale;
import javafx.scene.AccessibleRole;
import javafx.scene.Cursor;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.MouseEvent;

/** How loud what is heard is: the peaks of both channels with the greatest of the last seconds, and the loudness beside them. */
public final class MeterView extends Surface {
    /** Its width in its own pixels. */
    public static final double WIDTH = 26;

    private static final double LOW = -60;
    private static final double BAR = 5;

    /** How fast bars fall, in dB from refresh to refresh. */
    private static final double FALL = 1.2;

    /** For so many refreshes the greatest peak stays. */
    private static final int HELD = 90;

    private final Listening listening;
    private double left = LOW;
    private double right = LOW;
    private double loudness = LOW;
    private double top = LOW;
    private int since;

    /** @param clicked opens the level of all sounds */
    public MeterView(Listening listening, Runnable clicked) {
        super(false);
        this.listening = listening;
        setId("sound-meter");
        setFocusTraversable(false);
        setAccessibleRole(AccessibleRole.BUTTON);
        setAccessibleText("Level of all sounds");
        setCursor(Cursor.HAND);
        Hint.of(this, "Peaks of left and right in dB, and loudness in LUFS. Click: level of all sounds.");
        addEventHandler(MouseEvent.MOUSE_CLICKED, _ -> clicked.run());
    }

    /** Shows how loud it is now; called once for each picture of the screen. */
    public void tick() {
        Levels now = listening.levels();
        double before = left + right + loudness + top;
        left = Math.max(decibels(now.left()), left - FALL);
        right = Math.max(decibels(now.right()), right - FALL);
        loudness = Math.max(Math.max(LOW, now.momentary()), loudness - FALL);
        double greatest = Math.max(left, right);
        since = greatest >= top ? 0 : since + 1;
        top = greatest >= top ? greatest : since > HELD ? Math.max(LOW, top - FALL) : top;
        if (before != left + right + loudness + top) {
            redraw();
        }
    }

    private static double decibels(double sample) {
        return sample <= 0 ? LOW : Math.max(LOW, Level.decibels(sample));
    }

    @Override
    protected void draw(GraphicsContext pen, double width, double height) {
        double foot = height - 3;
        bar(pen, 3, foot, left, left > -0.1);
        bar(pen, 3 + BAR + 2, foot, right, right > -0.1);
        pen.setFill(Palette.LINE.colour());
        pen.fillRect(3 + 2 * (BAR + 2) + 2, 3, BAR, foot - 3);
        pen.setFill(Palette.PALE.colour());
        double y = y(loudness, foot);
        pen.fillRect(3 + 2 * (BAR + 2) + 2, y, BAR, foot - y);
        if (top > LOW) {
            pen.setFill(top > -0.1 ? Palette.AMBER.colour() : Palette.TEXT.colour());
            pen.fillRect(3, y(top, foot) - 0.75, 2 * BAR + 2, 1.5);
        }
        if (height > 90 && top > LOW) {
            Brush.text(pen, Fonts.numbers(10), Palette.MUTED.colour(), String.format(Locale.ROOT, "%.0f", top), 3, 9);
        }
    }

    private static void bar(GraphicsContext pen, double x, double foot, double level, boolean over) {
        pen.setFill(Palette.LINE.colour());
        pen.fillRect(x, 3, BAR, foot - 3);
        pen.setFill(over ? Palette.AMBER.colour() : Palette.SEA.colour());
        double y = y(level, foot);
        pen.fillRect(x, y, BAR, foot - y);
    }

    private static double y(double level, double foot) {
        return foot - (foot - 3) * Math.clamp((level - LOW) / -LOW, 0, 1);
    }
}
