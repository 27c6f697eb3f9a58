package amberlens.media;

import java.lang.foreign.FunctionDescriptor;
import java.lang.foreign.Linker;
import java.lang.foreign.ValueLayout;
import java.lang.invoke.MethodHandle;
import java.util.Optional;
import java.util.concurrent.ThreadFactory;

/**
 * Threads for long work, which get a core only when nobody else wants it much: what is being looked at comes first. On Linux the priority
 * of a Java thread has no effect, so there each thread asks the system itself, by {@code setpriority(2)}, which there counts for one
 * thread and for those that it starts.
 */
public final class LowPriority {
    /** Of 0, as usual, to 19: about one thirtieth of the share of others. */
    static final int NICE = 15;

    private static final int THIS_THREAD = 0;

    private static final Optional<MethodHandle> SET_PRIORITY = "Linux".equals(System.getProperty("os.name"))
            ? Linker.nativeLinker().defaultLookup().find("setpriority").map(symbol -> Linker.nativeLinker()
                    .downcallHandle(
                            symbol,
                            FunctionDescriptor.of(
                                    ValueLayout.JAVA_INT,
                                    ValueLayout.JAVA_INT,
                                    ValueLayout.JAVA_INT,
                                    ValueLayout.JAVA_INT)))
            : Optional.empty();

    private LowPriority() {}

    /** Threads of one name, numbered from 0, that do not keep the program from ending. */
    public static ThreadFactory threads(String name) {
        ThreadFactory plain = Thread.ofPlatform()
                .name(name + "-", 0)
                .daemon()
                .priority(Thread.MIN_PRIORITY)
                .factory();
        return work -> plain.newThread(() -> {
            lower();
            work.run();
        });
    }

    private static void lower() {
        try {
            if (SET_PRIORITY.isPresent()) {
                int unused = (int)
                        SET_PRIORITY.get().invokeExact(THIS_THREAD, THIS_THREAD, NICE); // refused, it stays as it is
            }
        } catch (Throwable e) { // declared by every call of native code; this one throws nothing
            throw new IllegalStateException("lowering the priority of a thread failed", e);
        }
    }
}
