package amberlens.project;

import amberlens.core.material.sound.BeatGrid;
import amberlens.core.material.sound.SoundClip;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;

/** From clips, and beats that were set by hand, to the members of files. */
final class SoundWriter {
    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    private SoundWriter() {}

    static ObjectNode sound(SoundClip clip) {
        ObjectNode node = NODES.objectNode();
        node.put("id", clip.id());
        node.put("media", clip.media());
        node.put("track", clip.track());
        node.put("start", clip.start().toString());
        node.put("in", clip.in().toString());
        node.put("length", clip.length().toString());
        node.set("level", CameraWriter.channel(clip.level()));
        node.put("enter", clip.enter().toString());
        node.put("leave", clip.leave().toString());
        node.put("mute", clip.mute());
        KnownMembers.SOUND.merge(node, clip.extras());
        return node;
    }

    static void putBeats(ObjectNode media, BeatGrid grid) {
        ObjectNode node = media.putObject("beats");
        ArrayNode times = node.putArray("times");
        grid.beats().times().forEach(time -> times.add(CameraWriter.number(time)));
        ArrayNode strengths = node.putArray("strengths");
        grid.beats().strengths().forEach(strength -> strengths.add(CameraWriter.number(strength)));
        node.put("first", grid.first());
        node.put("perBar", grid.perBar());
    }
}
