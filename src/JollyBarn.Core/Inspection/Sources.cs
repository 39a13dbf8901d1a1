using JollyBarn.CodeBook;
using JollyBarn.Connection;
using JollyBarn.Electrics;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection;

/// <summary>Whether metal or a ground reaches the panel's ground, and what says so.</summary>
public enum Grounding
{
    No,

    /// <summary>Somebody tested the ground of a cable nobody followed, and it was none.</summary>
    TestedNone,
    CannotTell,

    /// <summary>Somebody tested the ground of a cable nobody followed, and it was sound.</summary>
    Tested,

    /// <summary>The recorded wiring goes there.</summary>
    Followed,
}

/// <summary>What the conductors, terminals and metal of one box are, by what they reach.</summary>
public sealed class Sources(BoxLook look)
{
    private readonly Dictionary<Id<Lead>, Sourced> leads = [];
    private readonly Dictionary<Wire, (Grounding Is, IReadOnlyList<FactAsked> Deciding)> grounding = new(
        ReferenceEqualityComparer.Instance
    );
    private CableLead[]? cables;

    /// <summary>Leads of cables with what they reach and how they hang together inside the box.</summary>
    public IReadOnlyList<CableLead> Cables =>
        cables ??= [.. look.Box.Leads.Where(l => l.Value.Run is not null).Select(l => Cable(l.Key, l.Value))];

    /// <summary>A lead or pigtail of the box.</summary>
    public Sourced Of(Id<Lead> id)
    {
        if (!leads.TryGetValue(id, out var found))
        {
            var said = look.Box.Leads.Find(id)?.Use ?? look.Box.Pigtails.Find(id)?.Use ?? ConductorUse.Unknown;
            leads[id] = found = Sourced.Of(look.Wires.Lead(look.Box, id), said);
        }

        return found;
    }

    /// <summary>What a device has at one of its terminals, or at its own lead where it has leads instead.</summary>
    public Wire At(Id<Device> device, DeviceKind kind, string name) => look.Wires.At(Point(device, kind, name));

    /// <summary>The point of a terminal or of a device's own lead.</summary>
    public string Point(Id<Device> device, DeviceKind kind, string name) =>
        kind.Leads.Any(l => l.Id == name) ? Points.Own(look.Id, $"{device}.{name}")
        : kind.Terminals.Any(t => t.Id == name && t.Role == TerminalRole.Ground) ? Points.Yoke(look.Id, device)
        : Points.Terminal(look.Id, device, name);

    /// <summary>Ends that lie on a terminal, or a device's own lead of that name.</summary>
    public IEnumerable<Id<Lead>> On(Id<Device> device, DeviceKind kind, string name) =>
        kind.Leads.Any(l => l.Id == name) ? [$"{device}.{name}"] : look.On(device).Where(e => e.At.Terminal == name).Select(e => e.Id);

    /// <summary>Whether a point reaches the panel's ground.</summary>
    public Grounding Grounded(Wire wire) =>
        wire.Grounded switch
        {
            Certain.Yes => Grounding.Followed,
            Certain.No => Grounding.No,
            _ => Asked(wire).Is,
        };

    /// <summary>True where it is followed or tested.</summary>
    public bool IsGrounded(Wire wire) => Grounded(wire) is Grounding.Followed or Grounding.Tested;

    /// <summary>What would decide whether a point reaches the panel's ground: the far ends of cables nobody followed.</summary>
    public IReadOnlyList<FactAsked> Deciding(Wire wire) => wire.Grounded == Certain.CannotTell ? Asked(wire).Deciding : [];

    private (Grounding Is, IReadOnlyList<FactAsked> Deciding) Asked(Wire wire)
    {
        if (!grounding.TryGetValue(wire, out var found))
        {
            var told = Unfollowed(wire).Select(o => (End: o, Tested: Tested(o))).ToList();
            var none = told.Count > 0 && told.TrueForAll(t => t.Tested == false) && wire.Always.Open.All(o => o.Kind == OpenKind.FarEnd);
            var unknown = told.Where(t => t.Tested is null).Select(t => (Near: Near(t.End), Box: NearBox(t.End))).Distinct();
            grounding[wire] = found = (
                told.Exists(t => t.Tested == true) ? Grounding.Tested
                : none ? Grounding.TestedNone
                : Grounding.CannotTell,
                [
                    .. unknown
                        .Where(n => n.Box is not null)
                        .Select(n => new FactAsked(n.Near, CableFacts.GroundTested, n.Box == look.Id ? null : n.Box)),
                ]
            );
        }

        return found;
    }

    private CableLead Cable(Id<Lead> id, Lead lead)
    {
        var point = Points.Lead(look.Id, id, lead);
        var wire = look.Wires.At(point);
        return new(id, lead, wire, look.Wires.Group(point) ?? -1, look.Wires.Group(point, true) ?? -1);
    }

    /// <summary>Far ends of cables that nobody followed, on the way of a ground.</summary>
    private static IEnumerable<OpenEnd> Unfollowed(Wire wire) => wire.Always.Open.Where(o => o.Kind == OpenKind.FarEnd);

    /// <summary>The end of the cable that is not open.</summary>
    private static string Near(OpenEnd open) => Subjects.CableEnd(open.Run!.Value, open.Side == RunSide.A ? RunSide.B : RunSide.A);

    private Id<Box>? NearBox(OpenEnd open) => look.Reads.Run(open.Run)?.End(open.Side == RunSide.A ? RunSide.B : RunSide.A).Box;

    private bool? Tested(OpenEnd open)
    {
        var box = NearBox(open);
        return box == look.Id ? look.Read(CableFacts.GroundTested, Near(open))
            : box is not null && look.Reads.Box(box) is { } other
                ? new BoxLook(look.Reads, box.Value, other).Read(CableFacts.GroundTested, Near(open))
            : null;
    }
}

/// <summary>A lead of a cable: what it reaches, and the groups it hangs in inside the box.</summary>
/// <param name="Group">With switches apart.</param>
/// <param name="Turned">With switches either way.</param>
public sealed record CableLead(Id<Lead> Id, Lead Lead, Wire Wire, int Group, int Turned)
{
    /// <summary>All that it may carry, whatever switches do; where the record stops, what was said of it too.</summary>
    public Carries Whole { get; } =
        Sourced.Of(Wire with { Always = Wire.Switched }).Kinds | (Wire.Switched.Closed ? Carries.None : Sourced.Said(Lead.Use));
}
