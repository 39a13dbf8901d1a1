using JollyBarn.Edits;
using JollyBarn.Inspection;
using JollyBarn.Measures;
using JollyBarn.Planning.Remedies;
using JollyBarn.Telling.Phrases;
using JollyBarn.Wiring;

namespace JollyBarn.Telling;

/// <summary>A remedy in words, with what would follow from it in its box.</summary>
/// <param name="Says">What to do, with its amounts.</param>
/// <param name="Lengths">Lengths to cut or measure that it names.</param>
/// <param name="Edit">The edits that record it; they can be previewed, done and undone.</param>
/// <param name="Settles">True when the verdict is gone or holds after it, and nothing that worked is worse.</param>
/// <param name="LookAgain">True for what is done by hand: the verdict waits until somebody records what they then saw.</param>
/// <param name="New">Verdicts to stop or fix that it would bring.</param>
public sealed record ToldRemedy(
    string Says,
    IReadOnlyList<string> Lengths,
    Edit Edit,
    bool Settles,
    bool LookAgain,
    IReadOnlyList<ToldFinding> New
);

/// <summary>The ways to settle a verdict, those that bring nothing new first; or why there is none.</summary>
public sealed record ToldRemedies(IReadOnlyList<ToldRemedy> Remedies, string? WhyNone);

/// <summary>Turns remedies into words.</summary>
public static class RemedyTeller
{
    private const string NoneYet = "Nothing that can be worked out here settles it; it wants a plan of its own.";

    /// <summary>Rules whose verdicts nothing here can settle, with why, where the verdict does not say itself what it wants.</summary>
    private static readonly Dictionary<string, string> Why = new(StringComparer.Ordinal)
    {
        ["green"] = "A bare or green conductor cannot be made anything else: it wants a cable with conductors enough.",
        ["multiwire-legs"] = "Which leg a breaker is on is work in the panel, for a licensed electrician.",
        ["aluminum"] = "Aluminum is made up by a licensed electrician with parts listed for it.",
        ["neutral-at-switch"] = "It wants a cable that brings a neutral; plan it as a Change.",
        ["cable-damage"] = "A hurt cable is cut out: plan a box at the place, or a new run, as a Change.",
        ["depth"] = "It wants another box or a shallower device.",
        ["licensed"] = "It is for a licensed electrician.",
        ["recorded"] = "Record what is not recorded.",
    };

    public static ToldRemedies Tell(Job job, Id<Box> box, RemedyAnswer answer)
    {
        var names = new Names(job, box);
        return new(
            [.. answer.Remedies.Select(r => Tell(job, box, names, r))],
            answer.Remedies.Count > 0 || !answer.Looked ? null : WhyNone(job, box, answer.Finding)
        );
    }

    /// <summary>What a remedy says to do.</summary>
    public static string Says(Job job, Id<Box> box, Remedy remedy) => Says(new Names(job, box), remedy);

    private static string WhyNone(Job job, Id<Box> box, Finding finding) =>
        new Teller(job, box).Tell(finding).Mend ?? Why.GetValueOrDefault(finding.Rule, NoneYet);

    private static ToldRemedy Tell(Job job, Id<Box> box, Names names, WeighedRemedy weighed)
    {
        var (remedy, after) = (weighed.Remedy, new Teller(weighed.Remedy.Edit.Apply(job), box));
        return new(
            Says(names, remedy),
            [.. remedy.Details.Values.OfType<Length>().Select(l => l.ToString())],
            remedy.Edit,
            weighed.Settles,
            weighed.LookAgain,
            after.Tell(weighed.New)
        );
    }

    private static string Says(Names names, Remedy remedy) => RemedyWords.Of(remedy).Make(new(remedy.Details, names));
}
