package amberlens.project;

import amberlens.core.model.FileProblem;
import amberlens.core.motion.Channel;
import amberlens.core.sound.Level;
import amberlens.core.sound.SoundClip;
import amberlens.core.time.Seconds;
import com.fasterxml.jackson.databind.JsonNode;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

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

    private Seconds time(JsonNode node, String member, String at) throws FileProblem {
        return CameraReader.checked(
                file, at + "/" + member, () -> Seconds.parse(node.path(member).asText("0/1")));
    }

    private Channel<Double> level(JsonNode node, String at) throws FileProblem {
        return node.isMissingNode()
                ? Channel.constant(Level.PROPERTY.kind(), 0.0)
                : new CameraReader(file).channel(Level.PROPERTY, node, at);
    }
}
