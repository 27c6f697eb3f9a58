package amberlens.core.material.look;

import amberlens.core.motion.camera.CameraTrack;

/** What a kind of look does at a moment. */
@FunctionalInterface
interface LookMaker {
    /**
     * Adds it to what the looks before it do.
     *
     * @param at frames from the shot's first
     */
    void add(Look look, CameraTrack camera, double at, LookLayers into);
}
