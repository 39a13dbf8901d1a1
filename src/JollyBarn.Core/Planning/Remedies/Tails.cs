using JollyBarn.CodeBook;
using JollyBarn.Inspection;
using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Planning.Remedies;

/// <summary>How long this house makes its pigtails.</summary>
internal static class Tails
{
    /// <summary>Length of a pigtail of this house: never under what reaches 3 in past the opening from the back of the box.</summary>
    public static Length In(BoxLook look)
    {
        var house = Length.Parse(look.Practice.Answer(PracticeBook.PigtailLength));
        var least = Fill.BoxDepth.Depth(look.Box) is { } deep ? deep + look.Limits.Inches("lead.reach") : Length.Zero;
        return house >= least ? house : Length.Inches((long)decimal.Ceiling(least.InInches));
    }

    /// <summary>The same as it is noted of one that is to be made.</summary>
    public static Fact<Length> Planned(BoxLook look) => new(Known.Estimated, In(look), By: PracticeBook.PigtailLength.Key);
}
