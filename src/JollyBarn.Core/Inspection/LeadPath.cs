using JollyBarn.CodeBook;
using JollyBarn.Measures;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection;

/// <summary>How far a lead goes with what is joined on to it.</summary>
internal static class LeadPath
{
    /// <summary>True for a lead that a pigtail goes on from.</summary>
    public static bool GoesOn(BoxLook look, Lead lead) => Pieces(look, lead).Any();

    /// <summary>From the sheath through the connector to the end of the longest piece joined on: as somebody measured it, else lead and
    /// piece less what the connector costs. An inline one goes straight on; side by side the copper turns back (<em>practice</em>). Null
    /// where nothing goes on or a length is not known.</summary>
    public static Length? Of(BoxLook look, Id<Lead> id, Lead lead)
    {
        if (!GoesOn(look, lead))
        {
            return null;
        }

        var pieces = Pieces(look, lead).Select(t => look.Read(LeadFacts.TailLength, t.Id) ?? t.Tail.Length.OrNull).ToList();
        var inline = ConnectorKinds.Find(look.Box.Joints.Find(lead.Lands.Joint)?.Connector)?.Style == ConnectorStyle.Inline;
        var cost = inline ? Length.Zero : look.Limits.Inches("lead.turn");
        // What goes on makes no lead shorter.
        return look.Read(LeadFacts.Path, id) is { } path
            ? (lead.Length.OrNull is { } least && path < least ? least : path)
            : (lead.Length.OrNull is { } own && pieces.TrueForAll(p => p is not null) ? own + pieces.Max()!.Value - cost : null);
    }

    private static IEnumerable<(Id<Lead> Id, Pigtail Tail)> Pieces(BoxLook look, Lead lead) =>
        lead.Lands.At == LandingAt.Joint
            ? look.Box.Pigtails.Where(t => t.Value.From == lead.Lands || t.Value.To == lead.Lands).Select(t => (t.Key, t.Value))
            : [];
}
