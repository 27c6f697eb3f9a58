package amberlens.project;

import amberlens.core.material.footage.Source;
import amberlens.core.material.layering.BlendMode;
import amberlens.core.material.layering.Fade;
import amberlens.core.material.layering.Layering;
import amberlens.core.model.project.Media;
import amberlens.core.motion.curve.Leg;
import com.fasterxml.jackson.databind.node.ObjectNode;

/** The members of media and shots that tell of footage and layers. What is as usual is left out. */
final class LayerWriter {
    private LayerWriter() {}

    static void putFootage(ObjectNode node, Media media) {
        media.footage().ifPresent(footage -> {
            node.put("rate", footage.rate().written());
            node.put("frames", footage.frames());
        });
        media.fingerprint().ifPresent(seen -> {
            ObjectNode written = node.putObject("fingerprint");
            written.put("bytes", seen.bytes());
            written.put("hash", seen.hash());
        });
    }

    static void putSource(ObjectNode node, Source source) {
        if (source.equals(Source.WHOLE)) {
            return;
        }
        ObjectNode written = node.putObject("source");
        written.set("in", CameraWriter.number(source.in()));
        if (source.conversion() == Source.Conversion.BLEND) {
            written.put("conversion", "blend");
        }
        if (source.tied()) {
            written.put("tied", true);
        }
    }

    static void putLayering(ObjectNode node, Layering layering) {
        if (layering.blend() != BlendMode.NORMAL) {
            node.put("blend", layering.blend().written());
        }
        layering.enter().ifPresent(fade -> putFade(node.putObject("enter"), fade));
        layering.leave().ifPresent(fade -> putFade(node.putObject("leave"), fade));
    }

    private static void putFade(ObjectNode node, Fade fade) {
        node.put("frames", fade.frames());
        if (!fade.leg().equals(Leg.LINEAR)) {
            node.set("leg", CameraWriter.leg(fade.leg(), false));
        }
        fade.through().ifPresent(colour -> node.put("through", colour.toString()));
    }
}
