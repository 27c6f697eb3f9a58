package amberlens.project;

import amberlens.core.base.time.Seconds;
import amberlens.core.material.sound.BeatGrid;
import amberlens.core.material.sound.Beats;
import amberlens.core.material.sound.Level;
import amberlens.core.material.sound.SoundClip;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.FrameFormat;
import amberlens.core.motion.curve.Channel;
import com.fasterxml.jackson.databind.JsonNode;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;

/** From the members of sounds, which the schema has accepted, to clips. */
final class SoundReader {
    private final Path file;

    SoundReader(Path file) {
        this.file = file;
    }

    List<SoundClip> sounds(JsonNode written, String at) throws FileProblem {
        List<SoundClip> sounds = new ArrayList<>();
        for (int i = 0; i < written.size(); i++) {
            sounds.add(sound(written.get(i), at + "/" + i));
        }
        return sounds;
    }

    private SoundClip sound(JsonNode node, String at) throws FileProblem {
        Seconds start = time(node, "start", at);
        Seconds in = time(node, "in", at);
        Seconds length = time(node, "length", at);
        Seconds enter = time(node, "enter", at);
        Seconds leave = time(node, "leave", at);
        Channel<Double> level = level(node.path("level"), at + "/level");
        return CameraReader.checked(
                file,
                at,
                () -> new SoundClip(
                        node.get("id").asText(),
                        node.get("media").asText(),
                        node.path("track").asInt(1),
                        start,
                        in,
                        length,
                        level,
                        enter,
                        leave,
                        node.path("mute").asBoolean(false),
                        KnownMembers.SOUND.extras(node)));
    }

    /** Beats that were set by hand, if there are any. */
    Optional<BeatGrid> beats(JsonNode node, String at) throws FileProblem {
        if (node.isMissingNode()) {
            return Optional.empty();
        }
        List<Double> times = numbers(node.path("times"));
        List<Double> strengths =
                node.has("strengths") ? numbers(node.get("strengths")) : Collections.nCopies(times.size(), 1.0);
        return Optional.of(CameraReader.checked(
                file,
                at,
                () -> new BeatGrid(
                        Beats.at(times, strengths),
                        node.path("first").asInt(0),
                        node.path("perBar").asInt(4))));
    }

    private static List<Double> numbers(JsonNode array) {
        List<Double> numbers = new ArrayList<>();
        array.forEach(number -> numbers.add(number.asDouble()));
        return numbers;
    }

    private Seconds time(JsonNode node, String member, String at) throws FileProblem {
        return CameraReader.checked(
                file, at + "/" + member, () -> Seconds.parse(node.path(member).asText("0/1")));
    }

    private Channel<Double> level(JsonNode node, String at) throws FileProblem {
        return node.isMissingNode()
                ? Channel.constant(Level.PROPERTY.kind(), 0.0)
                : new CameraReader(file, FrameFormat.USUAL.size()).channel(Level.PROPERTY, node, at);
    }
}
