package amberlens.media.sound;

/**
 * What a file says of its sound.
 *
 * @param rate Hz
 * @param codec for example "flac"
 * @param streams how many sounds the file has; the best is read
 * @param damaged whether some of it could not be read
 */
public record SoundFacts(int rate, int channels, String codec, int streams, boolean damaged) {}
