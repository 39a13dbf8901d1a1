using JollyBarn.CodeBook;
using JollyBarn.Measures;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>Pigtails are as long as the house wants them.</summary>
/// <remarks>Practice: NEC gives a pigtail no least length of its own; what is assembled must reach.</remarks>
public sealed class PigtailHouse() : BoxRule("pigtail-length")
{
    public enum Case
    {
        Enough,
        TooShort,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        var house = Length.Parse(look.Practice.Answer(PracticeBook.PigtailLength));
        foreach (var (id, tail) in look.Box.Pigtails)
        {
            if ((tail.To.At == LandingAt.Terminal || tail.From.At == LandingAt.Terminal) && tail.Length.OrNull is { } length)
            {
                yield return (
                    length >= house
                        ? Fine(id, Case.Enough, ("lead", Thing.Lead(id)), ("at", length))
                        : Better(id, Case.TooShort, ("lead", Thing.Lead(id)), ("at", length), ("house", house), ("by", house - length))
                ).By(PracticeBook.PigtailLength);
            }
        }
    }
}
