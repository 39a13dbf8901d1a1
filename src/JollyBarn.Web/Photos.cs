using System.Buffers.Binary;
using System.Security.Cryptography;
using JollyBarn.Terms;

namespace JollyBarn.Web;

/// <summary>A picture that was checked: kind by content, size in bounds, nothing in it but the picture.</summary>
public sealed record CheckedPhoto(string Sha, int Width, int Height, byte[] Bytes);

/// <summary>Checks JPEG pictures and takes out everything that is not the picture: place, camera, comments.</summary>
/// <remarks>Segments as in ITU-T T.81 Annex B. The browser has made it anew from its pixels already; this holds for whoever else sends
/// one.</remarks>
public static class PhotoCheck
{
    public const int MostBytes = 6 * 1024 * 1024;

    private const int MostSide = 6000;

    /// <summary>The picture without its metadata, or why not.</summary>
    public static (CheckedPhoto? Photo, Refusal? Why) Read(ReadOnlySpan<byte> bytes)
    {
        if (bytes.Length > MostBytes)
        {
            return (null, new(Why.PictureTooLarge));
        }

        if (bytes.Length < 4 || bytes[0] != 0xFF || bytes[1] != 0xD8)
        {
            return (null, new(Why.PictureNotJpeg));
        }

        var kept = new MemoryStream();
        kept.Write(bytes[..2]);
        var (width, height, scans, at) = (0, 0, 0, 2);
        while (at + 2 <= bytes.Length)
        {
            if (bytes[at] != 0xFF)
            {
                return (null, new(Why.PictureDamaged));
            }

            var marker = bytes[at + 1];
            if (marker == 0xFF)
            {
                at++;
                continue;
            }

            if (marker == 0xD9)
            {
                // Whatever follows the end of the picture is not the picture.
                kept.Write([0xFF, 0xD9]);
                return scans == 0 ? (null, new(Why.PictureDamaged)) : Bounded(kept.ToArray(), width, height);
            }

            var length = at + 4 <= bytes.Length ? BinaryPrimitives.ReadUInt16BigEndian(bytes[(at + 2)..]) : 0;
            if (length < 2 || at + 2 + length > bytes.Length)
            {
                return (null, new(Why.PictureCutShort));
            }

            var segment = bytes.Slice(at, 2 + length);
            if (marker is 0xC0 or 0xC1 or 0xC2 && length >= 8)
            {
                (height, width) = (BinaryPrimitives.ReadUInt16BigEndian(segment[5..]), BinaryPrimitives.ReadUInt16BigEndian(segment[7..]));
            }

            if (Draws(marker, segment))
            {
                kept.Write(segment);
            }

            at += 2 + length;
            if (marker == 0xDA)
            {
                var scan = Scan(bytes[at..]);
                kept.Write(bytes.Slice(at, scan));
                (at, scans) = (at + scan, scans + 1);
            }
        }

        return (null, new(Why.PictureCutShort));
    }

    /// <summary>True for what the picture is drawn by: tables, frame and scan; that it is JFIF, without the small picture some have in it;
    /// and
    /// how its colours are kept. Anything else may carry words.</summary>
    private static bool Draws(byte marker, ReadOnlySpan<byte> segment) =>
        marker switch
        {
            0xC0 or 0xC1 or 0xC2 or 0xC4 or 0xDA or 0xDB or 0xDD => true,
            0xE0 => segment.Length == 18 && segment[4..].StartsWith("JFIF\0"u8),
            0xEE => segment.Length == 16 && segment[4..].StartsWith("Adobe"u8),
            _ => false,
        };

    /// <summary>Length of the coded data of a scan: up to the next marker that is neither a stuffed byte nor a restart.</summary>
    private static int Scan(ReadOnlySpan<byte> data)
    {
        for (var i = 0; i + 1 < data.Length; i++)
        {
            if (data[i] == 0xFF && data[i + 1] is not (0x00 or >= 0xD0 and <= 0xD7))
            {
                return i;
            }
        }

        return data.Length;
    }

    private static (CheckedPhoto? Photo, Refusal? Why) Bounded(byte[] picture, int width, int height) =>
        width is 0 or > MostSide || height is 0 or > MostSide
            ? (null, new(Why.PictureSides, null, ("most", MostSide)))
            : (new(Convert.ToHexStringLower(SHA256.HashData(picture)), width, height, picture), null);
}
