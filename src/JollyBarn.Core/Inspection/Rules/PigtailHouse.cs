using JollyBarn.CodeBook;
using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>Pigtails are as long as the house wants them.</summary>
/// <remarks>Practice: NEC gives a pigtail no least length of its own; what is assembled must reach.</remarks>
public sealed class PigtailHouse() : BoxRule("pigtail-length", "Pigtail length", "A short pigtail holds the device against the box.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var (id, tail) in look.Box.Pigtails)
        {
            if ((tail.To.At == LandingAt.Terminal || tail.From.At == LandingAt.Terminal) && tail.Length.OrNull is { } length)
            {
                var house = Length.Parse(look.Practice.Answer(PracticeBook.PigtailLength));
                yield return (length >= house ? Fine(id, $"The {tail.Colour} pigtail is {length}.", "practice") : Better(id, $"The {tail.Colour} pigtail is {length}; the house wants {house}.", "practice") with { Sum = $"{house} − {length} = {house - length} short" }) with { Practice = PracticeBook.PigtailLength.Key };
            }
        }
    }
}
