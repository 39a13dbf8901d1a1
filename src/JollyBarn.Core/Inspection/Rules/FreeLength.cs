using JollyBarn.CodeBook;
using JollyBarn.Measures;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>Each conductor that ends in a box has 6 in free from where it leaves its sheath.</summary>
/// <remarks>NEC 300.14. A conductor that passes through unbroken is exempt.</remarks>
public sealed class FreeLength() : BoxRule("free-length")
{
    private const string Limit = "lead.free";

    public enum Case
    {
        AskOne,
        AskMany,
        AskPath,
        OnlyThroughJoint,
        ThroughJointWithin,
        ThroughJointShort,
    }

    public override bool OfBoxes => true;

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        var unknown = new List<string>();
        foreach (var (id, lead) in look.Ended)
        {
            if (lead.Length.OrNull is { } length)
            {
                yield return length < look.Limits.Inches(Limit) && LeadPath.GoesOn(look, lead)
                    ? Spliced(look, id, lead, length)
                    : AtLeast(look, id, length, Limit, details: [("lead", Thing.Lead(id))]);
            }
            else
            {
                unknown.Add(id);
            }
        }

        if (unknown.Count > 0)
        {
            yield return AskOf(
                    Subjects.Box,
                    unknown.Count == 1 ? Case.AskOne : Case.AskMany,
                    [.. unknown.Select(u => new FactAsked(u, LeadFacts.Length))],
                    ("count", unknown.Count)
                )
                .By(Limit)
                .Pointing(unknown);
        }
    }

    /// <summary>A short lead that is joined on: from 2023 the whole path counts; before it the office says.</summary>
    private Finding Spliced(BoxLook look, Id<Lead> id, Lead lead, Length length)
    {
        var needed = look.Limits.Inches(Limit);
        return (
            LeadPath.Of(look, id, lead) switch
            {
                null => Ask(id, Case.AskPath, [LeadFacts.Path], ("lead", Thing.Lead(id)), ("at", length)),
                { } path when path < needed => Fix(
                    id,
                    Case.ThroughJointShort,
                    ("lead", Thing.Lead(id)),
                    ("at", path),
                    ("limit", needed),
                    ("by", needed - path)
                ),
                { } path when ProtectionBook.SpliceCounts(look.Edition) => Fine(
                    id,
                    Case.ThroughJointWithin,
                    ("lead", Thing.Lead(id)),
                    ("at", path),
                    ("limit", needed)
                ),
                { } path => Better(id, Case.OnlyThroughJoint, ("lead", Thing.Lead(id)), ("at", path), ("edition", (int)look.Edition)),
            }
        ).By(Limit);
    }
}
