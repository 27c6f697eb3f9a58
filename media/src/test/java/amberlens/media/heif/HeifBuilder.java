package amberlens.media.heif;

import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.pixels.raster.Rows;
import amberlens.core.render.frame.FrameRaster;
import amberlens.media.film.FilmCodec;
import amberlens.media.film.FilmFile;
import amberlens.media.film.Quality;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** HEIF files put together box by box after ISO/IEC 23008-12, from tiles that our own film writer has coded as AV1. */
final class HeifBuilder {
    private final Path folder;
    private final List<byte[]> tiles = new ArrayList<>();
    private byte[] configuration = new byte[0];
    private Size tile = new Size(1, 1);
    private int columns = 1;
    private Size whole = new Size(1, 1);
    private int quarters;
    private int mirror = -1;

    HeifBuilder(Path folder) {
        this.folder = folder;
    }

    /** Cuts an image into tiles; those beyond its right and lower border are filled up with its edge. */
    HeifBuilder image(BufferedImage image, Size tileSize) throws Exception {
        tile = tileSize;
        whole = new Size(image.getWidth(), image.getHeight());
        columns = Math.ceilDiv(image.getWidth(), tile.width());
        for (int top = 0; top < image.getHeight(); top += tile.height()) {
            for (int left = 0; left < image.getWidth(); left += tile.width()) {
                tiles.add(coded(image, left, top));
            }
        }
        return this;
    }

    /** Turned anticlockwise by so many quarters, after ISO/IEC 23008-12, 6.5.10. */
    HeifBuilder turned(int anticlockwise) {
        quarters = anticlockwise;
        return this;
    }

    /** Top and bottom (0), or left and right (1) exchanged, after 6.5.12 of the edition of 2022. */
    HeifBuilder mirrored(int axis) {
        mirror = axis;
        return this;
    }

    private byte[] coded(BufferedImage image, int left, int top) throws Exception {
        int[] argb = new int[Math.toIntExact(tile.area())];
        for (int y = 0; y < tile.height(); y++) {
            for (int x = 0; x < tile.width(); x++) {
                argb[y * tile.width() + x] = 0xFF000000
                        | image.getRGB(
                                Math.min(left + x, image.getWidth() - 1), Math.min(top + y, image.getHeight() - 1));
            }
        }
        Path film = folder.resolve("tile-" + tiles.size() + ".mp4");
        try (var writer = new FilmFile(film, FilmCodec.AV1, Quality.BEST, tile, FrameRate.of(25), Rows.ALONE)) {
            writer.write(new FrameRaster(tile, argb));
            writer.finish();
        }
        byte[] bytes = Files.readAllBytes(film);
        Files.delete(film);
        configuration = box(bytes, "av1C");
        return content(box(bytes, "mdat"));
    }

    /** A whole box, wherever it is. */
    private static byte[] box(byte[] file, String name) {
        String text = new String(file, StandardCharsets.ISO_8859_1);
        int at = text.indexOf(name) - 4;
        int length = ByteBuffer.wrap(file).getInt(at);
        return Arrays.copyOfRange(file, at, at + length);
    }

    private static byte[] content(byte[] box) {
        return Arrays.copyOfRange(box, 8, box.length);
    }

    byte[] build() throws IOException {
        boolean grid = tiles.size() > 1;
        int main = grid ? tiles.size() + 1 : 1;
        byte[] head = box("ftyp", ascii("avif"), number(0), ascii("avifmif1miaf"));
        byte[] meta = meta(grid, main, 0);
        int data = head.length + meta.length + 8;
        meta = meta(grid, main, data);
        var payload = new ByteArrayOutputStream();
        for (byte[] one : tiles) {
            payload.write(one);
        }
        if (grid) {
            payload.write(gridItem());
        }
        return joined(head, meta, box("mdat", payload.toByteArray()));
    }

    private byte[] gridItem() {
        return joined(
                new byte[] {0, 0, (byte) (tiles.size() / columns - 1), (byte) (columns - 1)},
                shortNumber(whole.width()),
                shortNumber(whole.height()));
    }

    private byte[] meta(boolean grid, int main, int data) {
        var entries = new ByteArrayOutputStream();
        var places = new ByteArrayOutputStream();
        int at = data;
        int items = tiles.size() + (grid ? 1 : 0);
        for (int i = 0; i < items; i++) {
            boolean isGrid = i == tiles.size();
            int length = isGrid ? gridItem().length : tiles.get(i).length;
            entries.writeBytes(box(
                    "infe",
                    number(2 << 24),
                    shortNumber(i + 1),
                    shortNumber(0),
                    ascii(isGrid ? "grid" : "av01"),
                    new byte[1]));
            places.writeBytes(joined(shortNumber(i + 1), shortNumber(0), shortNumber(1), number(at), number(length)));
            at += length;
        }
        byte[] references = grid ? references(main) : new byte[0];
        return box(
                "meta",
                number(0),
                box("hdlr", number(0), number(0), ascii("pict"), new byte[13]),
                box("pitm", number(0), shortNumber(main)),
                box("iloc", number(0), new byte[] {0x44, 0x00}, shortNumber(items), places.toByteArray()),
                box("iinf", number(0), shortNumber(items), entries.toByteArray()),
                references,
                properties(grid, main));
    }

    private byte[] references(int main) {
        var to = new ByteArrayOutputStream();
        for (int i = 1; i <= tiles.size(); i++) {
            to.writeBytes(shortNumber(i));
        }
        return box("iref", number(0), box("dimg", shortNumber(main), shortNumber(tiles.size()), to.toByteArray()));
    }

    /** 1 the coding, 2 the size of a tile, 3 that of the whole, 4 turned, 5 mirrored. */
    private byte[] properties(boolean grid, int main) {
        var all = new ByteArrayOutputStream();
        all.writeBytes(configuration);
        all.writeBytes(box("ispe", number(0), number(tile.width()), number(tile.height())));
        all.writeBytes(box("ispe", number(0), number(whole.width()), number(whole.height())));
        all.writeBytes(box("irot", new byte[] {(byte) quarters}));
        all.writeBytes(box("imir", new byte[] {(byte) Math.max(0, mirror)}));
        var own = new ByteArrayOutputStream();
        int items = tiles.size() + (grid ? 1 : 0);
        for (int i = 1; i <= items; i++) {
            List<Integer> numbers = new ArrayList<>(i <= tiles.size() ? List.of(0x81, 2) : List.of(3));
            if (i == main && quarters > 0) {
                numbers.add(0x84);
            }
            if (i == main && mirror >= 0) {
                numbers.add(0x85);
            }
            own.writeBytes(shortNumber(i));
            own.write(numbers.size());
            numbers.forEach(own::write);
        }
        return box("iprp", box("ipco", all.toByteArray()), box("ipma", number(0), number(items), own.toByteArray()));
    }

    private static byte[] box(String name, byte[]... parts) {
        byte[] content = joined(parts);
        return joined(number(8 + content.length), ascii(name), content);
    }

    private static byte[] joined(byte[]... parts) {
        var all = new ByteArrayOutputStream();
        for (byte[] part : parts) {
            all.writeBytes(part);
        }
        return all.toByteArray();
    }

    private static byte[] ascii(String text) {
        return text.getBytes(StandardCharsets.US_ASCII);
    }

    private static byte[] number(int value) {
        return ByteBuffer.allocate(4).putInt(value).array();
    }

    private static byte[] shortNumber(int value) {
        return ByteBuffer.allocate(2).putShort((short) value).array();
    }
}
