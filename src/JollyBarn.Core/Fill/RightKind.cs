using JollyBarn.CodeBook;
using JollyBarn.Wiring;

namespace JollyBarn.Fill;

/// <summary>What another box in this place has to be, whatever its volume: what is flush stays flush, what stands in the wet or holds a
/// fan is listed for it.</summary>
/// <param name="Wet">In a wet place: only a weatherproof box.</param>
/// <param name="Fan">A paddle fan hangs from it: only a box marked for one, 314.27(C).</param>
/// <param name="Own">The luminaire's or the device's own enclosure: nothing takes its place.</param>
/// <param name="Closed">The wall is finished: a box nailed from inside comes last.</param>
public sealed record RightKind(Mounted Mounted, bool Wet = false, bool Fan = false, bool Own = false, bool Closed = false)
{
    /// <summary>What can be told from the box alone.</summary>
    public static RightKind Of(BoxKind? kind) =>
        new(
            kind?.Mounted ?? Mounted.Either,
            kind?.Shape == BoxShape.Weatherproof,
            kind?.Fan == true,
            kind?.Own == true,
            kind?.OldWork == true
        );

    /// <summary>What can be told from the box with its parts and devices.</summary>
    public static RightKind Of(Box box)
    {
        var of = Of(BoxKinds.Find(box.Kind));
        var ring = box.Parts.Values.Any(p => p.Role == PartRole.Ring);
        var raised = box.Parts.Values.Any(p => p.Role == PartRole.RaisedCover);
        return of with
        {
            Mounted =
                ring ? Mounted.Flush
                : raised ? Mounted.Surface
                : of.Mounted,
            Fan = of.Fan || box.Devices.Values.Any(d => DeviceKinds.Find(d.Kind)?.Hung == HungAs.Fan),
        };
    }

    public bool Takes(BoxKind kind) =>
        !Own
        && (!Wet || kind.Shape == BoxShape.Weatherproof)
        && (!Fan || kind.Fan)
        && (Mounted == Mounted.Either || kind.Mounted == Mounted.Either || kind.Mounted == Mounted);

    /// <summary>True for a ring or raised cover that keeps it in or on the wall.</summary>
    public bool TakesRing(PartKind ring) =>
        ring.Role switch
        {
            PartRole.Ring => Mounted != Mounted.Surface,
            PartRole.RaisedCover => Mounted != Mounted.Flush,
            _ => true,
        };

    /// <summary>True for an extension that leaves a flush face flush, a wet place dry inside and a fan on its own box.</summary>
    public bool TakesExtension(PartKind extension) =>
        !Own && !Wet && !Fan && !(Mounted == Mounted.Flush && extension.Fits == BoxShape.Device);

    /// <summary>Comes after the others: it needs the wall open.</summary>
    public bool Last(BoxKind? kind) => Closed && kind is { OldWork: false };
}
