using JollyBarn.CodeBook;
using JollyBarn.Inspection;
using JollyBarn.Measures;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Planning.Remedies;

/// <summary>How long this house makes its pigtails.</summary>
internal static class Tails
{
    /// <summary>Length of a pigtail of this house: never under what reaches 3 in past the opening from the back of the box.</summary>
    public static Length In(BoxLook look)
    {
        var house = Length.Parse(look.Practice.Answer(PracticeBook.PigtailLength));
        house += Front(look);
        var least = Fill.BoxDepth.Depth(look.Box) is { } deep ? deep + look.Limits.Inches("lead.reach") : Length.Zero;
        return house >= least ? house : Length.Inches((long)decimal.Ceiling(least.InInches));
    }

    /// <summary>The length the house cuts leads to; the least of the code where it says so, or where the depth of the box is not
    /// known.</summary>
    public static Length Lead(HousePractice house, Box box) =>
        house.Answer(PracticeBook.LeadLength) switch
        {
            "least" => Length.Zero,
            "depth" => Fill.BoxDepth.Depth(box) is { } deep ? deep + deep : Length.Zero,
            var inches => Length.Parse(inches),
        };

    /// <summary>What the leads of a new cable are cut to: by the house, never under the least of the code, nor under what reaches so far
    /// past
    /// the opening, and longer where something stands in front. NEC 300.14.</summary>
    public static Length Cut(BoxLook look)
    {
        var reach = (Fill.BoxDepth.Depth(look.Box) ?? Length.Zero) + look.Limits.Inches("lead.reach");
        return new[] { reach, look.Limits.Inches("lead.free"), Lead(look.Practice, look.Box) }.Max() + Front(look);
    }

    /// <summary>What leads are longer by where something stands in front of the box.</summary>
    public static Length Front(BoxLook look) =>
        look.Read(WallFacts.InFront) is InFront.Cabinet or InFront.Appliance
            ? Length.FromInches(WayBook.Front.Of(look.Practice))
            : Length.Zero;

    /// <summary>The same as it is noted of one that is to be made.</summary>
    public static Fact<Length> Planned(BoxLook look) => new(Known.Estimated, In(look), By: PracticeBook.PigtailLength.Key);
}
