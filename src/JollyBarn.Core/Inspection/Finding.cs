using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection;

/// <summary>Worst first. Fine never means safe: nothing was found by the rules there are.</summary>
public enum Verdict
{
    /// <summary>Can hurt somebody now.</summary>
    Stop,

    /// <summary>Fails the code profile.</summary>
    Fix,

    /// <summary>Cannot tell; says which fact would decide.</summary>
    Measure,

    /// <summary>Breaks a house practice or a recommendation.</summary>
    Better,

    /// <summary>Was judged and holds.</summary>
    Fine,
}

/// <summary>A fact that would decide a verdict.</summary>
/// <param name="Of">The thing it is about, as <see cref="Wiring.Subjects"/> names it.</param>
/// <param name="Box">The box to ask it at; null for the box, circuit or panel that is judged.</param>
public sealed record FactAsked(string Of, FactKey Fact, Id<Box>? Box = null);

/// <summary>What a rule found on one thing: a case with its details, never a sentence.</summary>
/// <param name="Rule">Id of the rule.</param>
/// <param name="Of">The thing it judges: with the rule's id it names this verdict.</param>
/// <param name="Case">Which of the rule's cases it is: the name of a member of the rule's own enum, or of <see cref="Usual"/>.</param>
/// <param name="Details">What the case is about, with amounts.</param>
/// <param name="Ids">Leads, joints, devices it is about, for the picture.</param>
public sealed record Finding(string Rule, string Of, Verdict Verdict, string Case, Details Details, IReadOnlyList<string> Ids)
{
    /// <summary>The box it is seen at, of a verdict on a circuit; null otherwise.</summary>
    public Id<Box>? Box { get; init; }

    /// <summary>Key of the number of the book it was measured by; its article is the verdict's.</summary>
    public string? Limit { get; init; }

    /// <summary>Key of its article in the book, where it is not the rule's or the case's own.</summary>
    public string? Article { get; init; }

    /// <summary>Facts that would decide it, for <see cref="Verdict.Measure"/>.</summary>
    public IReadOnlyList<FactAsked> Asks { get; init; } = [];

    /// <summary>Key of the house practice it depends on.</summary>
    public string? Practice { get; init; }

    /// <summary>Id of the ruling that settled it; its verdict is then fine.</summary>
    public string? Ruling { get; init; }

    /// <summary>The same of two states that say the same of the same thing.</summary>
    public string Key => field ??= $"{Rule}|{Of}|{Verdict}|{Case}|{Details}";

    /// <summary>True when it is that case of that rule.</summary>
    public bool Is<TCase>(string rule, TCase one)
        where TCase : struct, Enum => Rule == rule && Case == CaseName<TCase>.Of(one);

    /// <summary>The verdict on things other than the one it is named by, where there are any.</summary>
    public Finding Pointing(params IReadOnlyList<string> ids) => ids.Count == 0 ? this : this with { Ids = ids };

    /// <summary>The verdict on things of one kind.</summary>
    public Finding Pointing<T>(IEnumerable<Id<T>> ids)
        where T : class => Pointing([.. ids.Select(i => i.Text)]);

    /// <summary>The verdict by a number of the book.</summary>
    public Finding By(string limit) => this with { Limit = limit };

    /// <summary>The verdict by an article of its own.</summary>
    public Finding Under(string article) => this with { Article = article };

    /// <summary>The verdict as the house chose it.</summary>
    public Finding By(CodeBook.PracticeQuestion practice) => this with { Practice = practice.Key };
}

/// <summary>Cases that many rules share.</summary>
public enum Usual
{
    /// <summary>A question that has no case of its own: its fact's own words ask it.</summary>
    Ask,

    /// <summary>A fact is as it should be.</summary>
    Right,
    Wrong,
    DoesNotApply,

    /// <summary>A length within its limit, most or least.</summary>
    Within,
    TooMuch,
    TooLittle,

    /// <summary>A conductor that its breaker suits.</summary>
    Carries,
    TooThin,

    /// <summary>The rule failed at it: nobody knows, and it is never taken for held.</summary>
    NotJudged,
}

/// <summary>Names of the members of an enum, made once.</summary>
internal static class CaseName<TCase>
    where TCase : struct, Enum
{
    private static readonly Dictionary<TCase, string> Names = Enum.GetValues<TCase>().ToDictionary(v => v, v => v.ToString());

    public static string Of(TCase value) => Names[value];
}
