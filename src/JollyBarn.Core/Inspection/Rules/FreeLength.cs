using JollyBarn.CodeBook;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>Each conductor that ends in a box has 6 in free from where it leaves its sheath.</summary>
/// <remarks>NEC 300.14. A conductor that passes through unbroken is exempt.</remarks>
public sealed class FreeLength() : BoxRule("free-length", "Free length", "A lead too short cannot be made up twice, and pulls on what it holds.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        var limit = look.Limits["lead.free"];
        var unknown = new List<FactAsked>();
        foreach (var (id, lead) in look.Ended)
        {
            if (lead.Length.OrNull is { } length)
            {
                yield return length < look.Limits.Inches("lead.free") && Spliced(look, id, lead) is { } spliced ? spliced : AtLeast(look, id, length, "lead.free", $"{Sentence.Start(look.Called(id))}, free length");
            }
            else
            {
                unknown.Add(new(id, LeadFacts.Length));
            }
        }

        if (unknown.Count > 0)
        {
            yield return AskOf(Subjects.Box, unknown.Count == 1 ? "How long is the lead that was not measured?" : $"How long are the {unknown.Count} leads that were not measured? The shortest decides.", limit.Article, unknown, [.. unknown.Select(u => u.Of)]);
        }
    }

    /// <summary>A short lead that is joined on: from 2023 the whole path counts; before it the office says. Null where it is not joined.</summary>
    private Finding? Spliced(BoxLook look, string id, Lead lead)
    {
        if (lead.Lands.At != LandingAt.Joint || !look.Box.Pigtails.Values.Any(t => t.From == lead.Lands || t.To == lead.Lands))
        {
            return null;
        }

        var article = look.Limits["lead.free"].Article;
        return look.Tape(id, "path") is not { } path ? AskOf(id, $"{Sentence.Start(look.Called(id))} is {lead.Length.OrNull} and goes on through a joint: how long is its whole path?", article, [new(id, "path")], id)
            : path >= look.Limits.Inches("lead.free") && !ProtectionBook.SpliceCounts(look.Edition) ? Better(id, $"{Sentence.Start(look.Called(id))} reaches {path} only through its joint. NEC {(int)look.Edition} does not say whether that counts: ask the office, and record its ruling.", article)
            : AtLeast(look, id, path, "lead.free", $"{Sentence.Start(look.Called(id))}, length through its joint");
    }
}
