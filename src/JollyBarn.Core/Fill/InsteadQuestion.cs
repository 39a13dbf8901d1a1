using JollyBarn.CodeBook;
using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Fill;

/// <summary>What a box must hold, and what it is now, so that something else can be looked for.</summary>
/// <param name="Input">What it holds.</param>
/// <param name="Kind">Its kind now, when known.</param>
/// <param name="Parts">Kind ids of its rings, extensions and covers now.</param>
/// <param name="Gangs">Gangs its devices need; 0 for none.</param>
/// <param name="Clamped">Entries held by internal clamps now.</param>
/// <param name="Entries">Entries in use now.</param>
/// <param name="DeepestDevice">Depth of its deepest device.</param>
/// <param name="OnCanopy">True when something hangs from it, so that a round opening is wanted.</param>
/// <param name="OwnMark">Volume of the box alone, in³.</param>
/// <param name="Right">What another box has to be.</param>
public sealed record InsteadQuestion(
    FillInput Input,
    string? Kind,
    IReadOnlyList<string> Parts,
    int Gangs,
    int Clamped,
    int Entries,
    Length? DeepestDevice,
    bool OnCanopy,
    Volume? OwnMark,
    RightKind Right
)
{
    /// <param name="right">What another box has to be; by the box alone when null.</param>
    public static InsteadQuestion Ask(Box box, FillInput input, RightKind? right = null)
    {
        var kinds = box.Devices.Values.Select(d => DeviceKinds.Find(d.Kind)).OfType<DeviceKind>().ToList();
        var used = box.Entries.Values.Where(e => e.State == EntryState.Used).ToList();
        return new(
            input,
            box.Kind,
            [.. box.Parts.Values.OrderBy(p => p.Order).Select(p => p.Kind)],
            input.Devices.Sum(d => d.Gangs),
            used.Count(e => e.Holding == Holding.InternalClamp),
            used.Count,
            box.Devices.Values.Select(d => d.Depth.OrNull ?? DeviceKinds.Find(d.Kind)?.Depth).Max(),
            kinds.Exists(k => k.Canopy),
            box.Mark.OrNull,
            right ?? RightKind.Of(box)
        );
    }

    public static InsteadQuestion Ask(PlainBox box, FillInput input)
    {
        var cables = box.Cables.Sum(c => c.Count);
        var depth = box.Devices.Where(d => d.Count > 0).Select(d => DeviceKinds.Find(d.Kind)?.Depth).Max();
        var canopy = box.Canopy.Count > 0 || box.Devices.Any(d => DeviceKinds.Find(d.Kind)?.Canopy == true && d.Count > 0);
        return new(
            input,
            box.Kind,
            [.. box.Parts.Select(p => p.Kind).OfType<string>()],
            box.GangsNeeded(),
            box.Clamps == ClampStyle.Internal ? cables : 0,
            cables,
            depth,
            canopy,
            box.Mark,
            RightKind.Of(BoxKinds.Find(box.Kind)) with
            {
                Fan = box.Devices.Any(d => d.Count > 0 && DeviceKinds.Find(d.Kind)?.Hung == HungAs.Fan),
            }
        );
    }
}

/// <summary>One assembly that might do.</summary>
/// <param name="Box">Kind id; null when the box at hand stays though its kind is not known.</param>
/// <param name="Keeps">True when the box at hand stays in the wall.</param>
/// <param name="Opens">Parts taken out or opened to get there: the fewer the better.</param>
/// <param name="Left">Available less needed, in³; below zero is short by that much.</param>
/// <param name="Change">What of it is other than the box at hand has now.</param>
public sealed record InsteadOption(
    string? Box,
    string? Ring,
    string? Extension,
    ClampStyle Clamps,
    bool Keeps,
    int Opens,
    int PriceClass,
    Volume Available,
    Volume Needed,
    Volume Left,
    Fit Fit,
    InsteadChange Change
);

/// <summary>What an assembly changes.</summary>
/// <param name="ClampsOut">The clamps inside are taken out, and connectors hold the cables from outside.</param>
/// <param name="Ring">Another ring is put on.</param>
public readonly record struct InsteadChange(bool ClampsOut, bool Ring);

/// <summary>What would do instead: the best few, and the biggest that would not, with why.</summary>
/// <param name="Searched">Assemblies looked at.</param>
/// <param name="Incomplete">Not everything in the box is recorded, so nothing can be promised to hold it.</param>
public sealed record InsteadAnswer(IReadOnlyList<InsteadOption> Options, InsteadOption? NextSmaller, int Searched, bool Incomplete);
