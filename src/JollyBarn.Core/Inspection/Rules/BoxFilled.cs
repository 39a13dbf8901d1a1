using JollyBarn.Fill;
using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>What is in the box fits by count.</summary>
/// <remarks>NEC 314.16. The sum is that of box fill.</remarks>
public sealed class BoxFilled() : BoxRule("fill", "Fill", "An over-full box nicks insulation when it is closed and cannot shed its heat.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        var fill = look.Fill;
        var sum = $"{fill.Needed.Low} needed, {fill.Available.Low} there";
        switch (fill.Fit)
        {
            case Fit.Fits or Fit.ExactlyFull:
                yield return Fine(Subjects.Box, fill.Fit == Fit.ExactlyFull ? "It is exactly full and fits." : "It fits by count.", "314.16") with { Sum = sum };
                break;
            case Fit.Over:
                yield return Fix(Subjects.Box, $"The box is over-full by {Volume.Zero - (fill.Left.High ?? fill.Left.Low)}.", "314.16(B)") with { Sum = sum };
                break;
            case Fit.CannotTell:
                yield return AskOf(Subjects.Box, fill.Asks is [var first, ..] ? $"Does it fit? {first.What}" : "Does it fit? Not everything in it is recorded.", "314.16", []) with { Sum = $"{fill.Needed.Low} or more needed" };
                break;
        }
    }
}
