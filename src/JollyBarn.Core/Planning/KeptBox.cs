using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Fill;
using JollyBarn.Measures;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Planning;

/// <summary>A plainly described box put into a job: cables in by turns at the top and the bottom, devices side by side, a ring where a
/// square box holds a device and none was named.</summary>
public static class KeptBox
{
    private const int MostGangs = 6;

    /// <summary>Says what of the description cannot be put into a job, or null: nothing is left out or made up in silence.</summary>
    public static Refusal? Check(PlainBox plain) =>
        plain.Check()
        ?? (plain.Devices.Any(d => d.Count > 0 && d.Kind is null) ? new Refusal(Why.DevicesWithoutKind, "holds.devices") : null)
        ?? (
            plain.Grounds.Count + plain.Canopy.Count + plain.Partitions.Count + plain.Blocks.Count > 0
                ? new Refusal(Why.KeptTooMuch, "holds")
                : null
        );

    /// <summary>Edits that make the box, in order; they are meant to be one batch.</summary>
    /// <param name="plain">A description that passed its check.</param>
    /// <param name="id">Id of the new box; those of its cables begin with it.</param>
    public static IReadOnlyList<Edit> Edits(PlainBox plain, Id<Box> id, string name, string? place)
    {
        var kind = plain.Kind ?? $"device-{Math.Clamp(plain.GangsNeeded(), 1, MostGangs)}g";
        var mark = plain.Mark is { } value ? Fact<Volume>.Marked(value) : null;
        List<Edit> edits = [new AddBox(id, name, kind, place, mark, Contents.Complete)];
        if (plain.Clamps is { } clamps)
        {
            edits.Add(new SetClamps(id, new(Known.Marked, clamps)));
        }

        if (plain.Height is not null || plain.Width is not null || plain.Depth is not null)
        {
            edits.Add(new SetBoxSize(id, Size(plain.Height), Size(plain.Width), Size(plain.Depth)));
        }

        if (plain.Studs + plain.Hickeys > 0)
        {
            edits.Add(new SetFittings(id, plain.Studs, plain.Hickeys));
        }

        edits.AddRange(plain.Cables.SelectMany(c => Enumerable.Repeat(c, c.Count)).SelectMany((cable, i) => Cable(id, cable, i)));
        var parts = plain.Parts.Count > 0 ? plain.Parts : [.. RingFor(kind, plain.GangsNeeded())];
        edits.AddRange(
            parts
                .Where(p => p.Kind is not null)
                .Select((p, i) => new AddPart(id, $"p{i}", p.Kind!, p.Mark is { } m ? Fact<Volume>.Marked(m) : Fact<Volume>.NotApplicable))
        );
        edits.AddRange(
            plain.Devices.SelectMany(d => Enumerable.Repeat(d.Kind!, d.Count)).Select((device, i) => new AddDevice(id, $"d{i}", device))
        );
        return edits;
    }

    private static Fact<Length>? Size(Length? length) => length is { } measured ? new(Known.Measured, measured) : null;

    /// <summary>A cable brought in, its leads ending here, passing through or in a loop as described.</summary>
    private static IEnumerable<Edit> Cable(Id<Box> id, PlainCable cable, int index)
    {
        var (run, spec) = ($"{id}-r{index}", Spec(cable));
        yield return new AddCable(id, run, $"k{index}", spec, index % 2 == 0 ? EntrySide.Top : EntrySide.Bottom);
        var leads = cable.Form == LeadForm.Ended ? 0 : spec.Conductors + (spec.Ground == GroundKind.None ? 0 : 1);
        for (var i = 0; i < leads; i++)
        {
            yield return new SetLeadForm(id, $"{run}.a{i}", cable.Form);
        }
    }

    private static CableSpec Spec(PlainCable cable) =>
        new(
            cable.Type != CableType.Unknown ? cable.Type
                : cable.Grounds == 0 ? CableType.OldTwoWire
                : CableType.NmB,
            cable.Conductors,
            Ground(cable),
            cable.Gauge,
            GroundGauge: cable.GroundGauge,
            Stranded: cable.Type == CableType.Cord
        );

    private static GroundKind Ground(PlainCable cable) =>
        (cable.Grounds > 0, cable.Ground) switch
        {
            (true, GroundKind.Insulated) => GroundKind.Insulated,
            (true, _) => GroundKind.Bare,
            (false, GroundKind.Sheath) => GroundKind.Sheath,
            _ => GroundKind.None,
        };

    /// <summary>The flattest ring that opens a square box to so many gangs; none where no ring does.</summary>
    private static IEnumerable<PlainPart> RingFor(string kind, int gangs) =>
        PartKinds
            .RingsFor(BoxKinds.Find(kind), gangs)
            .Where(p => p.Role == PartRole.Ring)
            .OrderBy(p => p.Depth ?? Length.Zero)
            .Take(1)
            .Select(p => new PlainPart(p.Id));
}

/// <summary>A box that comes up again and again, ready to be put into a job and changed there. <em>Practice</em>.</summary>
public sealed record BoxTemplate(string Id, string Name, PlainBox Box)
{
    public static IReadOnlyList<BoxTemplate> All { get; } =
    [
        Fed("receptacle-15", "receptacle, fed through, 14-2", "nm-1g-18", 14, "receptacle"),
        Fed("receptacle-20", "receptacle, fed through, 12-2", "nm-1g-20", 12, "receptacle"),
        Fed("protective-20", "protective receptacle with one protected cable, 12-2", "nm-1g-22.5", 12, "protective"),
        Fed("switch-neutral", "switch with neutral, 14-2 in and out", "nm-1g-18", 14, "switch"),
        new(
            "three-way",
            "three-way switch, 14-2 and 14-3",
            Made("nm-1g-20", ClampStyle.Flap, [new(1, Gauge.Awg(14), 2), new(1, Gauge.Awg(14), 3)], [new(1, "switch-3way")])
        ),
        new(
            "two-switches",
            "two switches, three 14-2",
            Made("nm-2g-32", ClampStyle.Internal, [new(3, Gauge.Awg(14), 2)], [new(2, "switch")])
        ),
        new("junction", "junction in a 4 square, three 12-2", Made("square-4x2-1/8", ClampStyle.Outside, [new(3, Gauge.Awg(12), 2)], [])),
    ];

    private static BoxTemplate Fed(string id, string name, string kind, int gauge, string device) =>
        new(id, name, Made(kind, ClampStyle.Flap, [new(2, Gauge.Awg(gauge), 2)], [new(1, device)]));

    private static PlainBox Made(string kind, ClampStyle clamps, PlainCable[] cables, PlainDevice[] devices) =>
        new()
        {
            Kind = kind,
            Clamps = clamps,
            Cables = cables,
            Devices = devices,
        };
}
