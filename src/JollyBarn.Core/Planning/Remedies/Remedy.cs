using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Inspection;
using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Planning.Remedies;

/// <summary>A way to settle a verdict.</summary>
/// <param name="Says">What to do, with its amounts.</param>
/// <param name="Edit">The edits that record it; they can be previewed, done and undone.</param>
public sealed record Remedy(string Says, Edit Edit);

/// <summary>A remedy with what would follow from it in its box.</summary>
/// <param name="Settles">True when the verdict is gone or holds after it.</param>
/// <param name="New">Verdicts to stop or fix that it would bring.</param>
public sealed record WeighedRemedy(string Says, Edit Edit, bool Settles, IReadOnlyList<Finding> New);

/// <summary>The ways to settle a verdict, those that bring nothing new first; or why there is none.</summary>
public sealed record RemedyAnswer(IReadOnlyList<WeighedRemedy> Remedies, string? WhyNone);

/// <summary>What a remedy is worked out from.</summary>
public sealed record RemedyAsk(Job Job, string BoxId, BoxLook Look, Finding Finding)
{
    public Box Box => Look.Box;

    public string Of => Finding.Of;

    /// <summary>Length of a pigtail of this house: never under what reaches 3 in past the opening from the back of the box.</summary>
    public Length Tail
    {
        get
        {
            var house = Length.Parse(Look.Practice.Answer(PracticeBook.PigtailLength));
            var least = Fill.BoxDepth.Depth(Box) is { } deep ? deep + Look.Limits.Inches("lead.reach") : Length.Zero;
            return house >= least ? house : Length.Inches((long)decimal.Ceiling(least.InInches));
        }
    }

    public Fact<Length> TailLength => new(Known.Estimated, Tail, By: PracticeBook.PigtailLength.Key);

    public Edit Note(string of, string key, string value) => new NoteFact(BoxId, of, key, new Observation(Known.Estimated, value, By: "remedy"));

    /// <summary>The first id of this stem that nothing in the box has.</summary>
    public string Free(string stem, int after = 0)
    {
        var n = after + 1;
        while (Box.Joints.Has($"{stem}-{n}") || Box.Pigtails.Has($"{stem}-{n}") || Box.Parts.Has($"{stem}-{n}") || Box.Leads.Has($"{stem}-{n}") || Box.Devices.Has($"{stem}-{n}"))
        {
            n++;
        }

        return $"{stem}-{n}";
    }

    /// <summary>The joint that holds most conductors of one use, none of another; null when there is none.</summary>
    public string? JointOf(ConductorUse use, string? except = null) =>
        Box.Joints.Ids.Where(j => j != except && Look.In(j).Any(m => m.Use == use) && Look.In(j).All(m => m.Use == use || m.Use == ConductorUse.Unknown)).OrderByDescending(j => Look.In(j).Count).FirstOrDefault();

    public static Landing In(string joint) => new(LandingAt.Joint, joint);

    public static Landing At(string device, string place) => new(LandingAt.Terminal, null, device, place);
}

/// <summary>The remedies of one rule. A new one is a file and a name in <see cref="RemedyList"/>.</summary>
public interface IRemedies
{
    /// <summary>Ids of the rules whose verdicts it settles.</summary>
    public IReadOnlyList<string> Rules { get; }

    public IEnumerable<Remedy> For(RemedyAsk ask);
}
