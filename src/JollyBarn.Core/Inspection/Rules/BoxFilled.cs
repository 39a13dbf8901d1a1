using JollyBarn.Fill;
using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>What is in the box fits by count.</summary>
/// <remarks>NEC 314.16. The sum is that of box fill.</remarks>
public sealed class BoxFilled() : BoxRule("fill")
{
    public enum Case
    {
        Fits,
        ExactlyFull,
        Over,
        AskFact,
        AskMore,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        var fill = look.Fill;
        if (fill.Fit is not (Fit.Fits or Fit.ExactlyFull or Fit.Over or Fit.CannotTell))
        {
            yield break;
        }

        var (needed, there) = (fill.Needed.Low, fill.Available.Low);
        yield return fill.Fit switch
        {
            Fit.Over => Fix(
                Subjects.Box,
                Case.Over,
                ("by", Volume.Zero - (fill.Left.High ?? fill.Left.Low)),
                ("needed", needed),
                ("there", there)
            ),
            Fit.CannotTell when fill.Asks is [var first, ..] => AskOf(Subjects.Box, Case.AskFact, [], ("first", first), ("needed", needed)),
            Fit.CannotTell => AskOf(Subjects.Box, Case.AskMore, [], ("needed", needed)),
            Fit.ExactlyFull => Fine(Subjects.Box, Case.ExactlyFull, ("needed", needed), ("there", there)),
            _ => Fine(Subjects.Box, Case.Fits, ("needed", needed), ("there", there)),
        };
    }
}
