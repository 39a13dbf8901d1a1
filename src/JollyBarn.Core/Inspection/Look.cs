using JollyBarn.CodeBook;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection;

/// <summary>Part of a job as rules read it: the numbers that hold, and what was answered about its things.</summary>
public abstract class Look(Reads reads)
{
    public LimitTable Limits { get; } = LimitTable.For(reads.Profile);

    /// <summary>The articles of its edition.</summary>
    public ArticleBook Articles { get; } = ArticleBook.For(reads.Profile.Edition);

    public Edition Edition => reads.Profile.Edition;

    public CodeProfile Profile => reads.Profile;

    public HousePractice Practice => reads.Practice;

    /// <summary>What the office accepted.</summary>
    public ById<string, Ruling> Rulings => reads.Rulings;

    /// <summary>The job, and what was read of it.</summary>
    internal Reads Reads => reads;

    /// <summary>Subject of facts of the box, circuit or panel itself.</summary>
    protected abstract string Self { get; }

    /// <summary>The answer to a fact about one thing; null when unknown or not applicable.</summary>
    public T? Read<T>(FactKey<T> fact, string of)
        where T : struct =>
        Found(of, fact) is { Value: { } value, How: not (Known.Unknown or Known.NotApplicable) } ? fact.Parse(value) : null;

    /// <summary>The answer to a fact about the box, circuit or panel itself.</summary>
    public T? Read<T>(FactKey<T> fact)
        where T : struct => Read(fact, Self);

    public bool DoesNotApply(FactKey fact) => DoesNotApply(fact, Self);

    /// <summary>True when somebody said that the question does not apply.</summary>
    public bool DoesNotApply(FactKey fact, string of) => Found(of, fact)?.How == Known.NotApplicable;

    /// <summary>The breaker of a circuit, when the record names one with its rating.</summary>
    public Breaker? BreakerOf(Id<Circuit>? circuit) =>
        circuit is null ? null : reads.Panels.Values.SelectMany(p => p.Breakers).FirstOrDefault(b => b.Circuit == circuit);

    /// <summary>What a circuit was said to be for; null when nobody said.</summary>
    public Purpose? PurposeOf(Id<Circuit>? circuit) =>
        circuit is not null && reads.Circuit(circuit)?.Facts.Find(SupplyFacts.Purpose.Id)?.Value is { } text
            ? SupplyFacts.Purpose.Parse(text)
            : null;

    /// <summary>What was recorded of a fact about one thing; null when nothing was.</summary>
    protected abstract Observation? Found(string of, FactKey fact);
}
