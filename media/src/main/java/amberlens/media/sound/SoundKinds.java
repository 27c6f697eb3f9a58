package amberlens.media.sound;

import amberlens.media.footage.FilmKinds;

/** Which containers and codecs of sound are opened at all, by their names in the FFmpeg libraries; films may hold any of the codecs. */
final class SoundKinds {
    static final String DEMUXERS =
            "wav,w64,aiff,flac,mp3,aac,ogg,mov,mp4,m4a,3gp,3g2,mj2,matroska,webm,avi,mpegts,mpeg,mxf,asf,flv,caf";

    /** With those that never hold any. */
    static final String ALSO_SILENT = DEMUXERS + "," + FilmKinds.DEMUXERS;

    static final String DECODERS =
            "pcm_s16le,pcm_s16be,pcm_s24le,pcm_s24be,pcm_s32le,pcm_s32be,pcm_f32le,pcm_f32be,pcm_f64le,pcm_f64be,pcm_u8,pcm_s8,"
                    + "pcm_alaw,pcm_mulaw,flac,mp3,mp3float,aac,aac_latm,alac,vorbis,opus,libopus,ac3,eac3,mp2,wmav1,wmav2,adpcm_ms,"
                    + "adpcm_ima_wav";

    /** With those of pictures: when the picture of a film begins is known only to who can look into it. */
    static final String ALSO_SEEN = DECODERS + "," + FilmKinds.DECODERS;

    /** The highest rate that is taken, in samples a second. */
    static final int MOST_RATE = 768_000;

    static final int MOST_CHANNELS = 64;

    private SoundKinds() {}
}
