package amberlens.desktop.words;

import static org.assertj.core.api.Assertions.assertThat;

import com.sun.source.tree.BinaryTree;
import com.sun.source.tree.CompilationUnitTree;
import com.sun.source.tree.LineMap;
import com.sun.source.tree.LiteralTree;
import com.sun.source.tree.ParenthesizedTree;
import com.sun.source.tree.Tree;
import com.sun.source.util.JavacTask;
import com.sun.source.util.SourcePositions;
import com.sun.source.util.TreeScanner;
import com.sun.source.util.Trees;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import javax.tools.JavaCompiler;
import javax.tools.ToolProvider;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

/**
 * All texts that people read, collected into {@code target/texts.txt} to be read in one go: what the program says where, with … for what it puts
 * in. Words that only we would use are refused.
 */
class TextsTest {
    private static final List<String> MODULES =
            List.of("core", "files", "media", "project", "exchange", "cli", "desktop");

    /** Phrases that a native technical writer would not use, and what to say instead. */
    private static final Pattern OURS = Pattern.compile(
            "behind the bench|\\bat hand\\b|\\btold of\\b|\\blaid (over|out|into)\\b|\\blies\\b|\\banew\\b|\\bshall\\b|"
                    + "\\bmend(s|ed|ing)?\\b|cannot be said|can say it|all the same\\b|\\breckon|nowhere louder|so many\\b|"
                    + "\\btells?\\b|looked at|put aside|taken away|take away|hand(ed)? on\\b",
            Pattern.CASE_INSENSITIVE);

    /** Of developers to developers: what a broken build or a wrong call says. */
    private static final Pattern NOT_READ = Pattern.compile("[{]}");

    private record Text(String place, String words) {
        @Override
        public String toString() {
            return place + "\t" + words;
        }
    }

    /** Literals, and sums of them with what stands between. */
    private static final class Collector extends TreeScanner<@Nullable Void, @Nullable Void> {
        private final CompilationUnitTree unit;
        private final SourcePositions positions;
        private final List<Text> texts;

        Collector(CompilationUnitTree unit, SourcePositions positions, List<Text> texts) {
            this.unit = unit;
            this.positions = positions;
            this.texts = texts;
        }

        private static boolean isSum(Tree tree) {
            return tree instanceof BinaryTree sum && sum.getKind() == Tree.Kind.PLUS;
        }

        private static boolean hasWords(Tree tree) {
            return tree instanceof LiteralTree literal && literal.getValue() instanceof String
                    || tree instanceof BinaryTree sum
                            && isSum(tree)
                            && (hasWords(sum.getLeftOperand()) || hasWords(sum.getRightOperand()));
        }

        private static String words(Tree tree) {
            return switch (tree) {
                case LiteralTree literal when literal.getValue() instanceof String words -> words;
                case BinaryTree sum when isSum(sum) -> words(sum.getLeftOperand()) + words(sum.getRightOperand());
                case ParenthesizedTree inner -> words(inner.getExpression());
                default -> "…";
            };
        }

        private void others(Tree tree) {
            if (tree instanceof BinaryTree sum && isSum(tree)) {
                others(sum.getLeftOperand());
                others(sum.getRightOperand());
            } else if (!(tree instanceof LiteralTree)) {
                scan(tree, null);
            }
        }

        private void add(Tree tree, String words) {
            if (words.strip().contains(" ") && words.chars().anyMatch(Character::isLetter)) {
                LineMap lines = unit.getLineMap();
                String file =
                        Path.of(unit.getSourceFile().toUri()).getFileName().toString();
                long line = lines.getLineNumber(positions.getStartPosition(unit, tree));
                texts.add(new Text(file + ":" + line, words.replace("\n", " ⏎ ")));
            }
        }

        @Override
        public @Nullable Void visitBinary(BinaryTree tree, @Nullable Void nothing) {
            if (!hasWords(tree)) {
                return super.visitBinary(tree, nothing);
            }
            add(tree, words(tree));
            others(tree);
            return null;
        }

        @Override
        public @Nullable Void visitLiteral(LiteralTree tree, @Nullable Void nothing) {
            if (tree.getValue() instanceof String words) {
                add(tree, words);
            }
            return null;
        }
    }

    private static List<Text> texts() throws IOException {
        List<Path> sources = new ArrayList<>();
        for (String module : MODULES) {
            try (Stream<Path> files = Files.walk(Path.of("..", module, "src", "main", "java"))) {
                files.filter(file -> file.toString().endsWith(".java")).sorted().forEach(sources::add);
            }
        }
        JavaCompiler compiler =
                Optional.ofNullable(ToolProvider.getSystemJavaCompiler()).orElseThrow();
        List<Text> texts = new ArrayList<>();
        try (var files = compiler.getStandardFileManager(null, null, null)) {
            var task = (JavacTask)
                    compiler.getTask(null, files, null, null, null, files.getJavaFileObjectsFromPaths(sources));
            SourcePositions positions = Trees.instance(task).getSourcePositions();
            for (CompilationUnitTree unit : task.parse()) {
                new Collector(unit, positions, texts).scan(unit, null);
            }
        }
        return texts;
    }

    @Test
    void nothing_that_people_read_stops_the_eye() throws IOException {
        List<Text> texts = texts();
        Files.write(
                Path.of("target", "texts.txt"),
                texts.stream().map(Text::toString).toList());
        assertThat(texts).as("found at all").hasSizeGreaterThan(1500);
        assertThat(texts)
                .filteredOn(text -> !NOT_READ.matcher(text.words).find())
                .filteredOn(text -> OURS.matcher(text.words).find())
                .isEmpty();
    }
}
