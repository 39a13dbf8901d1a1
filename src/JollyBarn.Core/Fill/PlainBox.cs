using JollyBarn.CodeBook;
using JollyBarn.Measures;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Fill;

/// <summary>So many cables alike.</summary>
/// <param name="Gauge">AWG.</param>
/// <param name="Conductors">Insulated conductors in each.</param>
/// <param name="Grounds">Grounds in each, 0 or 1; an isolated-ground cable has 2.</param>
/// <param name="GroundGauge">Gauge of the ground where it differs.</param>
/// <param name="Form">Whether its conductors end here, pass through, or loop. A cable that passes through is one here, though it has two
/// sheath ends.</param>
/// <param name="Length">Length of the leads, or of the whole loop.</param>
/// <param name="Type">What the cable is, for a box that is kept; when unknown, sheathed cable, or old two-wire where it has no
/// ground.</param>
/// <param name="Ground">What its ground is, where that agrees with the count of ground wires: its own metal is none.</param>
public sealed record PlainCable(
    int Count,
    Gauge Gauge,
    int Conductors,
    int Grounds = 1,
    Gauge? GroundGauge = null,
    LeadForm Form = LeadForm.Ended,
    Length? Length = null,
    CableType Type = CableType.Unknown,
    GroundKind Ground = GroundKind.Unknown
);

/// <summary>So many devices alike: a catalogue kind, or a number of gangs with the gauge on it.</summary>
/// <param name="Kind">Kind id, such as <c>receptacle</c>; null for any one-yoke device.</param>
/// <param name="Gangs">Gangs each counts for; the kind's when null.</param>
/// <param name="Gauge">Largest conductor on it; when null the largest of the cables, and never thinner than the 14 AWG of a branch
/// circuit.</param>
public sealed record PlainDevice(int Count, string? Kind = null, int? Gangs = null, Gauge? Gauge = null);

/// <summary>Grounds or jumpers beside those of the cables.</summary>
public sealed record PlainGround(int Count, Gauge Gauge, bool Entering = true, bool Isolated = false);

/// <summary>Fixture wires from a canopy.</summary>
public sealed record PlainCanopy(int Count, Gauge Gauge, bool Ground = false);

/// <summary>A ring, extension or cover: a catalogue kind, or a mark, or both.</summary>
public sealed record PlainPart(string? Kind = null, Volume? Mark = null);

/// <summary>A plain description of one box, with no job behind it.</summary>
public sealed record PlainBox
{
    public string? Kind { get; init; }

    /// <summary>Mark in the box, in³.</summary>
    public Volume? Mark { get; init; }

    public Length? Height { get; init; }

    public Length? Width { get; init; }

    public Length? Depth { get; init; }

    public IReadOnlyList<PlainPart> Parts { get; init; } = [];

    /// <summary>Partitions, by material.</summary>
    public IReadOnlyList<BoxMaterial> Partitions { get; init; } = [];

    public IReadOnlyList<PlainCable> Cables { get; init; } = [];

    public IReadOnlyList<PlainGround> Grounds { get; init; } = [];

    public IReadOnlyList<PlainCanopy> Canopy { get; init; } = [];

    /// <summary>Internal, outside or flap; null when nobody looked.</summary>
    public ClampStyle? Clamps { get; init; }

    public int Studs { get; init; }

    public int Hickeys { get; init; }

    public IReadOnlyList<PlainDevice> Devices { get; init; } = [];

    /// <summary>Gauges of the largest conductor on each terminal block.</summary>
    public IReadOnlyList<Gauge> Blocks { get; init; } = [];

    public Edition Edition { get; init; } = Edition.Nec2023;

    public IReadOnlyList<Amendment> Amendments { get; init; } = [];

    /// <summary>Answers of house practice by key.</summary>
    public IReadOnlyDictionary<string, string> Practices { get; init; } = new Dictionary<string, string>();

    public CodeProfile Profile() => CodeProfile.Default with { Edition = Edition, Amendments = Amendments };

    public HousePractice House() => Practices.Aggregate(HousePractice.Default, (house, p) => house.With(p.Key, p.Value));

    /// <summary>Gangs its devices need.</summary>
    public int GangsNeeded() => Devices.Sum(d => d.Count * GangsOf(d));

    /// <summary>Says what in the description cannot be, or null.</summary>
    public Refusal? Check()
    {
        const int Most = 200;
        if (Kind is not null && BoxKinds.Find(Kind) is null)
        {
            return new(Why.NoSuchBoxKind, "kind", ("kind", Ids.Shown(Kind)));
        }

        if (Lists().FirstOrNull(l => l.Count > Most) is { } many)
        {
            return new(Why.AtMostEach, many.Field, ("most", Most));
        }

        if (Numbers(Most).FirstOrNull(n => n.Value < 0 || n.Value > n.Most) is { } off)
        {
            return new(Why.CountRange, off.Field, ("most", off.Most));
        }

        if (Odd() is { } odd)
        {
            return odd;
        }

        if (Mark is { } mark && (mark <= Volume.Zero || mark > Volume.Of(5000m)))
        {
            return new(Why.MarkRange, "mark");
        }

        if (new[] { Height, Width, Depth }.Any(l => l is { } length && (length < Length.Zero || length > Length.Inches(200))))
        {
            return new(Why.InsideRange, "height");
        }

        return Clamps is { } clamps && !Enum.IsDefined(clamps) ? new(Why.ClampChoices, "clamps")
            : Partitions.Any(p => !Enum.IsDefined(p)) ? new(Why.PartitionChoices, "partitions")
            : Practices.Count > 50 ? new(Why.ManyPractices, "practices")
            : BookChecks.Profile(Profile())
                ?? Practices.Select(p => BookChecks.Practice(p.Key, p.Value)).FirstOrDefault(r => r is not null);
    }

    private IEnumerable<(string Field, int Count)> Lists() =>
        [
            ("cables", Cables.Count),
            ("grounds", Grounds.Count),
            ("canopy", Canopy.Count),
            ("devices", Devices.Count),
            ("blocks", Blocks.Count),
            ("parts", Parts.Count),
            ("partitions", Partitions.Count),
        ];

    /// <summary>Every count, with its field and the most it may be.</summary>
    private IEnumerable<(string Field, int Value, int Most)> Numbers(int most) =>
        [
            .. Cables.SelectMany(
                (c, i) =>
                    new[]
                    {
                        ($"cables[{i}].count", c.Count, most),
                        ($"cables[{i}].conductors", c.Conductors, 30),
                        ($"cables[{i}].grounds", c.Grounds, 2),
                    }
            ),
            .. Devices.SelectMany((d, i) => new[] { ($"devices[{i}].count", d.Count, most), ($"devices[{i}].gangs", d.Gangs ?? 0, 6) }),
            .. Grounds.Select((g, i) => ($"grounds[{i}].count", g.Count, most)),
            .. Canopy.Select((c, i) => ($"canopy[{i}].count", c.Count, most)),
            ("studs", Studs, 4),
            ("hickeys", Hickeys, 4),
        ];

    private static Refusal Missing(What what, string? id, string field) => new(Why.Missing, field, ("what", what), ("id", Ids.Shown(id)));

    /// <summary>The first kind that is none, or mark that cannot be.</summary>
    private Refusal? Odd()
    {
        if (Cables.Select((c, i) => (c.Form, i)).FirstOrNull(c => !Enum.IsDefined(c.Form)) is { } form)
        {
            return new(Why.NotAChoice, $"cables[{form.i}].form");
        }

        if (Devices.Select((d, i) => (d.Kind, i)).FirstOrNull(d => d.Kind is not null && DeviceKinds.Find(d.Kind) is null) is { } device)
        {
            return Missing(What.DeviceKind, device.Kind, $"devices[{device.i}].kind");
        }

        if (Parts.Select((p, i) => (p.Kind, i)).FirstOrNull(p => p.Kind is not null && PartKinds.Find(p.Kind) is null) is { } part)
        {
            return Missing(What.Part, part.Kind, $"parts[{part.i}].kind");
        }

        return Parts.Select((p, i) => (p.Mark, i)).FirstOrNull(p => p.Mark < Volume.Zero || p.Mark > Volume.Of(5000m)) is { } mark
            ? new(Why.MarkRange, $"parts[{mark.i}].mark")
            : null;
    }

    public FillInput Read()
    {
        var limits = LimitTable.For(Profile());
        var shell = new Box { Name = "box", Kind = Kind ?? BoxKinds.Unlisted };
        shell = shell with
        {
            Mark =
                Mark is { } mark ? Fact<Volume>.Marked(mark)
                : BoxKinds.Find(Kind)?.Volume is { } usual ? Fact<Volume>.Marked(usual)
                : Fact<Volume>.Unknown,
            Height = Of(Height),
            Width = Of(Width),
            Depth = Of(Depth),
            Parts = ById<string, Part>.From(
                Parts.Select(
                    (p, i) =>
                        new KeyValuePair<string, Part>(
                            $"p{i}",
                            new Part
                            {
                                Kind = p.Kind ?? "part",
                                Order = i,
                                Role = PartKinds.Find(p.Kind)?.Role ?? default,
                                Mark = p.Mark is { } volume ? Fact<Volume>.Marked(volume) : PartMarks.Unread(PartKinds.Find(p.Kind)),
                            }
                        )
                )
            ),
            Partitions = ById<string, Partition>.From(
                Partitions.Select(
                    (m, i) =>
                        new KeyValuePair<string, Partition>(
                            $"d{i}",
                            new Partition
                            {
                                AfterGang = i + 1,
                                Material = m,
                                Mark = Fact<Volume>.NotApplicable,
                            }
                        )
                )
            ),
        };
        var present = Cables.Where(c => c.Count > 0 && c.Conductors > 0).Select(c => c.Gauge).ToList();
        Gauge? largest = present.Count == 0 ? null : present.Append(Gauge.Awg(14)).Max();
        return new FillInput
        {
            Housing = FillOfBox.Housing(shell, limits),
            Conductors = [.. Cables.Select(c => new FillConductor(c.Gauge, c.Count * c.Conductors, c.Form, c.Length, []))],
            Grounds =
            [
                .. Cables
                    .Where(c => c.Grounds > 0)
                    .Select(c => new FillGround(c.GroundGauge ?? c.Gauge, c.Count, true, false, c.Length, [])),
                .. Cables
                    .Where(c => c.Grounds > 1)
                    .Select(c => new FillGround(c.GroundGauge ?? c.Gauge, c.Count, true, true, c.Length, [])),
                .. Grounds.Select(g => new FillGround(g.Gauge, g.Count, g.Entering, g.Isolated, null, [])),
            ],
            CanopyLeads = [.. Canopy.Select(c => new FillCanopyLead(c.Gauge, c.Count, c.Ground, []))],
            Clamps =
            [
                Clamps switch
                {
                    ClampStyle.Internal => Maybe.Yes,
                    null => Maybe.Unknown,
                    _ => Maybe.No,
                },
            ],
            Flap = Clamps == ClampStyle.Flap,
            Studs = Studs,
            Hickeys = Hickeys,
            Devices =
            [
                .. Devices
                    .Where(d => d.Count > 0 && GangsOf(d) > 0)
                    .SelectMany(d => Enumerable.Repeat(new FillDevice(new(null, d.Kind), GangsOf(d), d.Gauge ?? largest, []), d.Count)),
            ],
            Blocks = [.. Blocks.Select(g => new FillBlock(default, g, []))],
            ByCount = BoxKinds.Find(Kind)?.ByCount ?? true,
        };
    }

    private static int GangsOf(PlainDevice device) =>
        device.Gangs
        ?? (
            DeviceKinds.Find(device.Kind) is { } kind
                ? kind.Yoke
                    ? kind.GangsWide
                    : 0
                : 1
        );

    private static Fact<Length> Of(Length? length) => length is { } value ? new Fact<Length>(Known.Measured, value) : Fact<Length>.Unknown;
}
