using System.Globalization;
using JollyBarn.CodeBook;
using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection;

/// <summary>Part of a job as rules read it: the numbers that hold, and what was answered about its things.</summary>
public abstract class Look(Job job)
{
    public LimitTable Limits { get; } = LimitTable.For(job.Profile);

    public Edition Edition => job.Profile.Edition;

    public CodeProfile Profile => job.Profile;

    public HousePractice Practice => job.Practice;

    protected Job Job => job;

    /// <summary>A choice or yes/no as it was answered; null when unknown.</summary>
    public string? Answer(string of, string key) => Fact(of, key) is { Value: { } value, How: not (Known.Unknown or Known.NotApplicable) } ? value : null;

    public bool? YesNo(string of, string key) => Answer(of, key) switch { "yes" => true, "no" => false, _ => null };

    public Length? Tape(string of, string key) => Answer(of, key) is { } text && Length.TryParse(text, out var length) ? length : null;

    public decimal? Number(string of, string key) => Answer(of, key) is { } text && decimal.TryParse(text, NumberStyles.AllowDecimalPoint, CultureInfo.InvariantCulture, out var number) ? number : null;

    /// <summary>True when somebody said that the question does not apply.</summary>
    public bool DoesNotApply(string of, string key) => Fact(of, key)?.How == Known.NotApplicable;

    /// <summary>The breaker of a circuit, when the record names one with its rating.</summary>
    public Breaker? BreakerOf(string? circuit) => circuit is null ? null : job.Panels.Values.SelectMany(p => p.Breakers).FirstOrDefault(b => b.Circuit == circuit);

    public string CircuitName(string circuit) => job.Circuits.Find(circuit)?.Name ?? circuit;

    /// <summary>What a circuit was said to be for; null when nobody said.</summary>
    public string? PurposeOf(string? circuit) => circuit is null ? null : job.Circuits.Find(circuit)?.Facts.Find("purpose")?.Value;

    /// <summary>The answer to a question about one thing; null when nobody gave one.</summary>
    protected abstract Observation? Fact(string of, string key);
}
