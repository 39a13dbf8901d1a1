using JollyBarn.Electrics;
using JollyBarn.Wiring;

namespace JollyBarn.Connection;

/// <summary>What the points of one box reach. Two are equal when every piece of the box reaches the same.</summary>
public sealed class BoxWires : IEquatable<BoxWires>
{
    private readonly Id<Box> id;
    private readonly BoxJoins? joins;
    private readonly Wire[] pieces;
    private readonly (GuardKey Guard, bool Hot, bool Neutral)[] backFed;
    private readonly Lazy<Pieces>[] groups;
    private readonly (Id<Device> Switch, SwitchWork Work)[] working;

    internal BoxWires(
        Id<Box> id,
        BoxJoins? joins,
        Wire[] pieces,
        Dictionary<GuardKey, (bool Hot, bool Neutral)> backFed,
        (Id<Device>, SwitchWork)[] working
    )
    {
        this.working = working;
        (this.id, this.joins, this.pieces) = (id, joins, pieces);
        this.backFed =
        [
            .. joins?.Lines.Where(l => backFed.ContainsKey(l.Guard)).Select(l => (l.Guard, backFed[l.Guard].Hot, backFed[l.Guard].Neutral))
                ?? [],
        ];
        groups = [.. new[] { false, true }.Select(turned => new Lazy<Pieces>(() => joins?.Groups(turned) ?? new(0)))];
    }

    internal static BoxWires None { get; } = new("", null, [], [], []);

    /// <summary>A lead or a pigtail.</summary>
    public Wire Lead(Box box, Id<Lead> lead) =>
        At(box.Leads.Find(lead) is { } found ? Points.Lead(id, lead, found) : Points.Pigtail(id, lead));

    public Wire Joint(Id<Joint> joint) => At(Points.Joint(id, joint));

    public Wire Terminal(Id<Device> device, string terminal) => At(Points.Terminal(id, device, terminal));

    /// <summary>What a plug meets: <c>hot</c>, <c>neutral</c> or <c>ground</c> of a half of a receptacle.</summary>
    public Wire Slot(Id<Device> device, string slot) => At(Points.Face(id, device, slot));

    /// <summary>The yoke, canopy or body of a device, and its ground terminal.</summary>
    public Wire Yoke(Id<Device> device) => At(Points.Yoke(id, device));

    /// <summary>The metal of the box.</summary>
    public Wire Metal => At(Points.Metal(id));

    /// <summary>A metal plate.</summary>
    public Wire Plate => At(Points.Plate(id));

    /// <summary>True for a point the box has.</summary>
    public bool Has(string point) => joins?.Piece(point) is not null;

    /// <summary>Which conductors of a protective device are fed at its load side.</summary>
    public (bool Hot, bool Neutral) BackFed(Id<Device> device) =>
        backFed.Where(b => b.Guard == GuardKey.Device(id, device)).Select(b => (b.Hot, b.Neutral)).FirstOrDefault();

    /// <summary>What a switch of the box does.</summary>
    public SwitchWork Work(Id<Device> device) => Array.Find(working, w => w.Switch == device).Work;

    /// <summary>Number of the group a point hangs in inside the box, protection closed; null for one the box does not have.</summary>
    /// <param name="turned">With every switch either way.</param>
    public int? Group(string point, bool turned = false) =>
        joins?.Piece(point) is { } piece ? groups[turned ? 1 : 0].Value.Root(piece) : null;

    /// <summary>A point of the box by its name; nothing for one it does not have.</summary>
    public Wire At(string point) => joins?.Piece(point) is { } piece ? pieces[piece] : Wire.Nothing;

    public bool Equals(BoxWires? other) =>
        other is not null
        && ReferenceEquals(joins, other.joins)
        && pieces.AsSpan().SequenceEqual(other.pieces)
        && backFed.AsSpan().SequenceEqual(other.backFed)
        && working.AsSpan().SequenceEqual(other.working);

    public override bool Equals(object? obj) => Equals(obj as BoxWires);

    public override int GetHashCode() => pieces.Length;
}
