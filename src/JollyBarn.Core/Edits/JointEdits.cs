using JollyBarn.CodeBook;
using JollyBarn.Measures;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Edits;

internal static class Joints
{
    public static Refusal? Check(string connector, string? name, int space, Box box) =>
        (ConnectorKinds.Find(connector) is null ? Refuse.Missing(What.Connector, connector, "connector") : null)
        ?? Refuse.BadNote(name, "name")
        ?? (space < 0 || space > box.Partitions.Count ? new Refusal(Why.NoSuchSpace, "space") : null);
}

public sealed record AddJoint(Id<Box> Box, Id<Joint> Id, string Connector, string? Name = null, int Space = 0) : BoxEdit(Box)
{
    protected override Refusal? CheckIn(Box box, Job job) =>
        Refuse.NewId(Id, box.Joints.Has(Id), "id") ?? Joints.Check(Connector, Name, Space, box);

    protected override Box ApplyIn(Box box) =>
        box with
        {
            Joints = box.Joints.With(
                Id,
                new Joint
                {
                    Connector = Connector,
                    Name = Name,
                    Space = Space,
                }
            ),
        };
}

public sealed record SetJoint(Id<Box> Box, Id<Joint> Id, string Connector, string? Name = null, int Space = 0) : BoxEdit(Box)
{
    protected override Refusal? CheckIn(Box box, Job job) =>
        (box.Joints.Has(Id) ? null : Refuse.Missing(What.Joint, Id, "id")) ?? Joints.Check(Connector, Name, Space, box);

    protected override Box ApplyIn(Box box) =>
        box.Joints.Has(Id)
            ? box with
            {
                Joints = box.Joints.With(
                    Id,
                    new Joint
                    {
                        Connector = Connector,
                        Name = Name,
                        Space = Space,
                    }
                ),
            }
            : box;
}

/// <summary>Opens a joint; what lay in it comes loose.</summary>
public sealed record RemoveJoint(Id<Box> Box, Id<Joint> Id) : BoxEdit(Box)
{
    protected override Refusal? CheckIn(Box box, Job job) => box.Joints.Has(Id) ? null : Refuse.Missing(What.Joint, Id, "id");

    protected override Box ApplyIn(Box box) => box.ComeLoose(l => l.IsIn(Id)) with { Joints = box.Joints.Without(Id) };
}

/// <summary>Makes a pigtail between two places; gauge and colour come from a joint it starts in when not given.</summary>
public sealed record AddPigtail(
    Id<Box> Box,
    Id<Lead> Id,
    Landing From,
    Landing To,
    Gauge? Gauge = null,
    string? Colour = null,
    bool Stranded = false,
    Fact<Length>? Length = null
) : BoxEdit(Box)
{
    protected override Refusal? CheckIn(Box box, Job job) =>
        Refuse.NewId(Id, box.Pigtails.Has(Id), "id")
        ?? box.Check(From, "from")
        ?? box.Check(To, "to")
        ?? Refuse.BadNote(Colour, "colour")
        ?? Facts.Bad(Length, "length")
        ?? (box.Pigtails.Count >= 100 ? new Refusal(Why.ManyPigtails, "id") : null);

    protected override Box ApplyIn(Box box)
    {
        var like = box.Leads.Values.FirstOrDefault(l => From.Joint is { } joint && l.Lands.IsIn(joint) && l.Device is null);
        var tail = new Pigtail
        {
            Gauge = Gauge ?? like?.Gauge,
            Colour = Colour ?? like?.Colour ?? "black",
            Stranded = Stranded,
            Use = like?.Use ?? (Colour is "bare" or "green" ? ConductorUse.Ground : ConductorUse.Unknown),
            From = From,
            To = To,
            Length = Length ?? Fact<Length>.Unknown,
        };
        return box with { Pigtails = box.Pigtails.With(Id, tail) };
    }
}

/// <summary>Sets what a pigtail is.</summary>
public sealed record SetPigtail(
    Id<Box> Box,
    Id<Lead> Id,
    string Colour,
    Fact<Length> Length,
    Gauge? Gauge = null,
    ConductorUse Use = ConductorUse.Unknown,
    bool Stranded = false
) : BoxEdit(Box)
{
    protected override Refusal? CheckIn(Box box, Job job) =>
        (box.Pigtails.Has(Id) ? null : Refuse.Missing(What.Pigtail, Id, "id"))
        ?? Refuse.BadText(Colour, "colour")
        ?? Facts.Bad(Length, "length")
        ?? Refuse.BadEnum(Use, "use");

    protected override Box ApplyIn(Box box) =>
        box.Pigtails.TryFind(Id, out var tail)
            ? box with
            {
                Pigtails = box.Pigtails.With(
                    Id,
                    tail with
                    {
                        Gauge = Gauge,
                        Colour = Colour,
                        Length = Length,
                        Use = Use,
                        Stranded = Stranded,
                    }
                ),
            }
            : box;
}

/// <summary>A lead of a cable, or the further part of one, goes on from where it lies to another place: bared there, not cut.</summary>
/// <param name="Lead">The lead or the part of one.</param>
/// <param name="Id">Id of the part that goes on.</param>
public sealed record GoOn(Id<Box> Box, Id<Lead> Lead, Id<Lead> Id, Landing To) : BoxEdit(Box)
{
    protected override Refusal? CheckIn(Box box, Job job) =>
        Refuse.NewId(Id, box.Pigtails.Has(Id) || box.Leads.Has(Id), "id")
        ?? Lies(box) switch
        {
            null => Refuse.Missing(What.Lead, Lead, "lead"),
            { At: LandingAt.Joint or LandingAt.Terminal or LandingAt.BondingScrew } from when from == To => new Refusal(
                Why.GoesOnFromNowhere,
                "to"
            ),
            { At: LandingAt.Joint or LandingAt.Terminal or LandingAt.BondingScrew } => null,
            _ => new Refusal(Why.GoesOnFromNowhere, "lead"),
        }
        ?? box.Check(To, "to")
        ?? (box.Pigtails.Count >= 100 ? new Refusal(Why.ManyPigtails, "id") : null);

    private Landing? Lies(Box box) =>
        box.Leads.Find(Lead) is { Run: not null, Form: LeadForm.Ended } lead ? lead.Lands
        : box.Pigtails.Find(Lead) is { Of: not null } part ? part.To
        : null;

    protected override Box ApplyIn(Box box) =>
        box with
        {
            Pigtails = box.Pigtails.With(
                Id,
                new Pigtail
                {
                    Of = Lead,
                    Colour = "bare",
                    To = To,
                }
            ),
        };
}

/// <summary>Moves one end of a pigtail.</summary>
public sealed record LandPigtail(Id<Box> Box, Id<Lead> Id, bool FarEnd, Landing To) : BoxEdit(Box)
{
    protected override Refusal? CheckIn(Box box, Job job) =>
        (
            box.Pigtails.Find(Id) switch
            {
                null => Refuse.Missing(What.Pigtail, Id, "id"),
                { Of: not null } when !FarEnd => new Refusal(Why.PartOfALead, "farEnd"),
                _ => null,
            }
        ) ?? box.Check(To, "to");

    protected override Box ApplyIn(Box box) =>
        box.Pigtails.TryFind(Id, out var tail)
            ? box with
            {
                Pigtails = box.Pigtails.With(Id, FarEnd ? tail with { To = To } : tail with { From = To }),
            }
            : box;
}

public sealed record RemovePigtail(Id<Box> Box, Id<Lead> Id) : BoxEdit(Box)
{
    protected override Refusal? CheckIn(Box box, Job job) => box.Pigtails.Has(Id) ? null : Refuse.Missing(What.Pigtail, Id, "id");

    protected override Box ApplyIn(Box box) => box with { Pigtails = box.Pigtails.Without(Id) };
}
