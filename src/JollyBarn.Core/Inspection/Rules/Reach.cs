using JollyBarn.Fill;

namespace JollyBarn.Inspection.Rules;

/// <summary>Where the opening is under 8 in, each conductor reaches 3 in past it, rings and all.</summary>
/// <remarks>NEC 300.14. Until a lead comes out more than 3 in behind the opening, 6 in free is the longer demand.</remarks>
public sealed class Reach() : BoxRule("reach", "Past the opening", "A device that cannot be pulled out is made up blind.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        var opening = look.Limits.Inches("lead.opening");
        if (look.Box.Height.OrNull >= opening && look.Box.Width.OrNull >= opening)
        {
            yield break;
        }

        var article = look.Limits["lead.reach"].Article;
        var needed = look.Limits.Inches("lead.reach");
        var depth = BoxDepth.Depth(look.Box);
        foreach (var (id, lead) in look.Ended)
        {
            var name = Sentence.Start(look.Called(id));
            if (look.Tape(id, "past-opening") is { } past)
            {
                yield return AtLeast(look, id, past, "lead.reach", $"{name}, past the opening");
            }
            else if (lead.Length.OrNull is { } length)
            {
                yield return length < needed ? Fix(id, $"{name} is only {length} long: it cannot reach {needed} past the opening.", article) with { Sum = $"{needed} − {length} = {needed - length} short, wherever it comes out" }
                    : depth is { } deep && length - deep >= needed ? Fine(id, $"{name} reaches {length - deep} past the opening at least.", article) with { Sum = $"{length} − {deep} = {length - deep}" }
                    : Ask(id, $"How far does the {look.Called(id)} reach past the opening?", article, "past-opening");
            }
        }
    }
}
