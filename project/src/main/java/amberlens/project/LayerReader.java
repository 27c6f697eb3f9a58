package amberlens.project;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.time.FrameRate;
import amberlens.core.material.footage.Footage;
import amberlens.core.material.footage.Source;
import amberlens.core.material.layering.BlendMode;
import amberlens.core.material.layering.Fade;
import amberlens.core.material.layering.Layering;
import amberlens.core.model.project.Fingerprint;
import amberlens.core.model.project.FrameFormat;
import amberlens.core.model.project.Media;
import amberlens.core.motion.curve.Leg;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.Locale;
import java.util.Optional;

/** From the members of media and shots that tell of footage and layers. What is not written is as usual. */
final class LayerReader {
    private LayerReader() {}

    static Media.Kind kind(JsonNode media) {
        return Media.Kind.valueOf(media.get("kind").asText().toUpperCase(Locale.ROOT));
    }

    static Optional<Footage> footage(JsonNode media) {
        return media.has("frames")
                ? Optional.of(new Footage(
                        FrameRate.parse(media.path("rate").asText("25/1")),
                        media.get("frames").asInt()))
                : Optional.empty();
    }

    static Optional<Fingerprint> fingerprint(JsonNode media) {
        JsonNode written = media.path("fingerprint");
        return written.isMissingNode()
                ? Optional.empty()
                : Optional.of(new Fingerprint(
                        written.get("bytes").asLong(), written.get("hash").asText()));
    }

    static Source source(JsonNode shot) {
        JsonNode written = shot.path("source");
        return new Source(
                written.path("in").asDouble(0),
                written.path("conversion").asText("").equals("blend")
                        ? Source.Conversion.BLEND
                        : Source.Conversion.NEAREST,
                written.path("tied").asBoolean(false));
    }

    static Layering layering(JsonNode shot) {
        return new Layering(
                BlendMode.ofWritten(shot.path("blend").asText("normal")).orElse(BlendMode.NORMAL),
                fade(shot.path("enter")),
                fade(shot.path("leave")));
    }

    private static Optional<Fade> fade(JsonNode written) {
        if (written.isMissingNode()) {
            return Optional.empty();
        }
        Leg leg = written.has("leg") ? CameraReader.leg(written.get("leg"), FrameFormat.USUAL.size()) : Leg.LINEAR;
        Optional<Colour> through = written.has("through")
                ? Optional.of(Colour.parse(written.get("through").asText()))
                : Optional.empty();
        return Optional.of(new Fade(written.get("frames").asInt(), leg, through));
    }
}
