package amberlens.project;

import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.material.track.Spot;
import amberlens.core.material.track.Track;
import amberlens.core.model.project.FileProblem;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;

/** Tracks in files: a spot is its place, scale, turn and confidence in a row. */
final class TrackMembers {
    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    private TrackMembers() {}

    /** Says nothing where there are none. */
    static void put(ObjectNode media, List<Track> tracks) {
        if (tracks.isEmpty()) {
            return;
        }
        ArrayNode all = media.putArray("tracks");
        for (Track track : tracks) {
            ObjectNode node = all.addObject();
            node.put("id", track.id());
            node.put("name", track.name());
            node.put("first", track.first());
            node.set("radius", CameraWriter.number(track.radius()));
            ArrayNode given = node.putArray("given");
            track.given().forEach(given::add);
            ArrayNode spots = node.putArray("spots");
            track.spots().forEach(spot -> spots.add(spot(spot)));
            KnownMembers.TRACK.merge(node, track.extras());
        }
    }

    private static ArrayNode spot(Spot spot) {
        ArrayNode node = NODES.arrayNode(5);
        for (double number :
                new double[] {spot.at().x(), spot.at().y(), spot.scale(), spot.degrees(), spot.confidence()}) {
            node.add(CameraWriter.number(number));
        }
        return node;
    }

    static List<Track> read(Path file, JsonNode written, String at) throws FileProblem {
        List<Track> tracks = new ArrayList<>();
        for (int i = 0; i < written.size(); i++) {
            JsonNode node = written.get(i);
            tracks.add(CameraReader.checked(file, at + "/" + i, () -> track(node)));
        }
        return tracks;
    }

    private static Track track(JsonNode node) {
        List<Spot> spots = new ArrayList<>();
        node.get("spots")
                .forEach(spot -> spots.add(new Spot(
                        new PicturePoint(spot.get(0).asDouble(), spot.get(1).asDouble()),
                        spot.get(2).asDouble(),
                        spot.get(3).asDouble(),
                        spot.get(4).asDouble())));
        var given = new TreeSet<Integer>();
        node.path("given").forEach(frame -> given.add(frame.asInt()));
        String id = node.get("id").asText();
        return new Track(
                id,
                node.path("name").asText(id),
                node.get("first").asInt(),
                spots,
                given,
                node.get("radius").asDouble(),
                KnownMembers.TRACK.extras(node));
    }
}
