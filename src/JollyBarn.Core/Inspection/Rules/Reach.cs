using JollyBarn.Fill;
using JollyBarn.Measures;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>Where the opening is under 8 in, each conductor reaches 3 in past it, rings and all.</summary>
/// <remarks>NEC 300.14. Until a lead comes out more than 3 in behind the opening, 6 in free is the longer demand.</remarks>
public sealed class Reach() : BoxRule("reach")
{
    private const string Limit = "lead.reach";

    public enum Case
    {
        TooShortAnyway,
        AtLeast,
        Ask,
    }

    public override bool OfBoxes => true;

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        var opening = look.Limits.Inches("lead.opening");
        if (look.Box.Height.OrNull >= opening && look.Box.Width.OrNull >= opening)
        {
            yield break;
        }

        var depth = BoxDepth.Depth(look.Box);
        foreach (var (id, lead) in look.Ended)
        {
            if (look.Read(LeadFacts.PastOpening, id) is { } past)
            {
                yield return AtLeast(look, id, past, Limit, details: [("lead", Thing.Lead(id))]);
            }
            else if (lead.Length.OrNull is { } length)
            {
                var path = LeadPath.Of(look, id, lead);
                yield return Judge(look, id, path ?? length, depth, path is null && LeadPath.GoesOn(look, lead)).By(Limit);
            }
        }
    }

    /// <param name="goesOn">True where a piece of unknown length is joined on.</param>
    private Finding Judge(BoxLook look, Id<Lead> id, Length length, Length? depth, bool goesOn)
    {
        var needed = look.Limits.Inches(Limit);
        return depth switch
        {
            _ when length < needed && !goesOn => Fix(
                id,
                Case.TooShortAnyway,
                ("lead", Thing.Lead(id)),
                ("length", length),
                ("limit", needed),
                ("by", needed - length)
            ),
            { } deep when length - deep >= needed => Fine(
                id,
                Case.AtLeast,
                ("lead", Thing.Lead(id)),
                ("length", length),
                ("depth", deep),
                ("at", length - deep)
            ),
            _ => Ask(id, Case.Ask, [LeadFacts.PastOpening], ("lead", Thing.Lead(id))),
        };
    }
}
