using System.Text;

namespace JollyBarn.Testing;

/// <summary>Pictures small enough to be made here: the segments of ITU-T T.81 Annex B, and no more.</summary>
public static class Jpegs
{
    private static readonly byte[] SomeScan = [1, 2, 3];

    /// <summary>A JPEG of a size, 480 high.</summary>
    /// <param name="scan">What stands in its scan; must hold no 0xFF.</param>
    /// <param name="extra">Segments besides, by their marker.</param>
    public static byte[] Make(int width = 640, byte[]? scan = null, params (string Text, byte Marker)[] extra)
    {
        static byte[] Segment(byte marker, byte[] body) => [0xFF, marker, (byte)((body.Length + 2) >> 8), (byte)(body.Length + 2), .. body];
        return
        [
            0xFF,
            0xD8,
            .. Segment(0xE0, [.. "JFIF\0"u8, 1, 1, 0, 0, 1, 0, 1, 0, 0]),
            .. extra.SelectMany(e => Segment(e.Marker, Encoding.Latin1.GetBytes(e.Text))),
            .. Segment(0xC0, [8, 480 >> 8, 480 & 255, (byte)(width >> 8), (byte)width, 1, 1, 0x11, 0]),
            .. Segment(0xDA, [1, 1, 0, 0, 63, 0]),
            .. scan ?? SomeScan,
            0xFF,
            0xD9,
        ];
    }
}
