using JollyBarn.Measures;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Edits;

/// <summary>An edit of one lead.</summary>
public abstract record LeadEdit(Id<Box> Box, Id<Lead> Lead) : BoxEdit(Box)
{
    protected sealed override Refusal? CheckIn(Box box, Job job) =>
        box.Leads.TryFind(Lead, out var lead) ? CheckOf(lead, box) : Refuse.Missing(What.Lead, Lead, "lead");

    protected sealed override Box ApplyIn(Box box) =>
        box.Leads.TryFind(Lead, out var lead) ? box with { Leads = box.Leads.With(Lead, ApplyOf(lead)) } : box;

    protected abstract Refusal? CheckOf(Lead lead, Box box);

    protected abstract Lead ApplyOf(Lead lead);
}

/// <summary>Puts a lead's end somewhere: a joint, a landing place, the bonding screw, a cap, or nowhere.</summary>
public sealed record MoveLead(Id<Box> Box, Id<Lead> Lead, Landing To) : LeadEdit(Box, Lead)
{
    protected override Refusal? CheckOf(Lead lead, Box box) =>
        lead.Form == LeadForm.Ended ? box.Check(To, "to") : new Refusal(Why.NoEndHere, "lead");

    protected override Lead ApplyOf(Lead lead) => lead with { Lands = To };
}

public sealed record SetLeadLength(Id<Box> Box, Id<Lead> Lead, Fact<Length> Length) : LeadEdit(Box, Lead)
{
    protected override Refusal? CheckOf(Lead lead, Box box) => Facts.Bad(Length, "length");

    protected override Lead ApplyOf(Lead lead) => lead with { Length = Length };
}

/// <summary>Cuts a lead, or says it passes through or loops.</summary>
public sealed record SetLeadForm(Id<Box> Box, Id<Lead> Lead, LeadForm Form) : LeadEdit(Box, Lead)
{
    protected override Refusal? CheckOf(Lead lead, Box box) => Refuse.BadEnum(Form, "form");

    protected override Lead ApplyOf(Lead lead) => lead with { Form = Form, Lands = Form == LeadForm.Ended ? lead.Lands : Landing.Unknown };
}

/// <summary>Colour as seen, tape that re-identifies it, and what it is used as.</summary>
public sealed record IdentifyLead(Id<Box> Box, Id<Lead> Lead, string Colour, ConductorUse Use, string? MarkedAs = null)
    : LeadEdit(Box, Lead)
{
    protected override Refusal? CheckOf(Lead lead, Box box) =>
        Refuse.BadText(Colour, "colour") ?? Refuse.BadNote(MarkedAs, "markedAs") ?? Refuse.BadEnum(Use, "use");

    protected override Lead ApplyOf(Lead lead) => lead with { Colour = Colour, MarkedAs = MarkedAs, Use = Use };
}

/// <summary>Gauge, strands and metal.</summary>
public sealed record SetLeadWire(Id<Box> Box, Id<Lead> Lead, Gauge? Gauge = null, bool Stranded = false, Metal Metal = Metal.Copper)
    : LeadEdit(Box, Lead)
{
    protected override Refusal? CheckOf(Lead lead, Box box) => Refuse.BadEnum(Metal, "metal");

    protected override Lead ApplyOf(Lead lead) => lead with { Gauge = Gauge, Stranded = Stranded, Metal = Metal };
}

/// <summary>Joins leads, and pigtails by their nearer end, under one new connector.</summary>
public sealed record JoinLeads(
    Id<Box> Box,
    Id<Joint> Joint,
    string Connector,
    IReadOnlyList<Id<Lead>> Leads,
    string? Name = null,
    int Space = 0
) : BoxEdit(Box)
{
    protected override Refusal? CheckIn(Box box, Job job)
    {
        if ((Refuse.NewId(Joint, box.Joints.Has(Joint), "joint") ?? Joints.Check(Connector, Name, Space, box)) is { } bad)
        {
            return bad;
        }

        foreach (var id in Leads)
        {
            if (!box.Leads.TryFind(id, out var lead))
            {
                return Refuse.Missing(What.Lead, id, "leads");
            }

            if (lead.Form != LeadForm.Ended)
            {
                return new(Why.GoesOn, "leads", ("colour", lead.Colour));
            }
        }

        return null;
    }

    protected override Box ApplyIn(Box box) =>
        box with
        {
            Joints = box.Joints.With(
                Joint,
                new Joint
                {
                    Connector = Connector,
                    Name = Name,
                    Space = Space,
                }
            ),
            Leads = box.Leads.Each((id, lead) => Leads.Contains(id) ? lead with { Lands = new Landing(LandingAt.Joint, Joint) } : lead),
        };
}
