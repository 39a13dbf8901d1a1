using JollyBarn.Fill;

namespace JollyBarn.Inspection.Rules;

/// <summary>The box is deep enough for its devices.</summary>
/// <remarks>NEC 314.24; figures from memory.</remarks>
public sealed class DeepEnough() : BoxRule("depth", "Depth", "A device that presses on conductors cuts them in time.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var line in BoxDepth.Of(look.Box, look.Input, look.Profile).Where(l => l.Passes is not null))
        {
            yield return line.Passes == true ? Fine(line.Id, line.Says, line.Article) : Fix(line.Id, line.Says, line.Article) with { Sum = line.Depth is { } has ? $"{line.Needed} − {has} = {line.Needed - has} short" : null };
        }
    }
}
