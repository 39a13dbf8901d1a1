using JollyBarn.Measures;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Edits;

/// <summary>What a fact must be to be recorded.</summary>
internal static class Facts
{
    private static readonly Length Longest = Length.Inches(6000);

    public static Refusal? Bad(Fact<Volume>? fact, string field) =>
        BadHow(fact, field)
        ?? (fact?.Value is { } v && (v <= Volume.Zero || v > Volume.Of(5000m)) ? new Refusal(Why.MarkRange, field + ".value") : null);

    public static Refusal? Bad(Fact<Length>? fact, string field) =>
        BadHow(fact, field)
        ?? (fact?.Value is { } v && (v < Length.Zero || v > Longest) ? new Refusal(Why.LengthRange, field + ".value") : null);

    /// <summary>One that may go either way from where it starts.</summary>
    public static Refusal? BadEither(Fact<Length>? fact, string field) =>
        BadHow(fact, field)
        ?? (fact?.Value is { } v && (v < Length.Zero - Longest || v > Longest) ? new Refusal(Why.LengthRange, field + ".value") : null);

    public static Refusal? BadHow<T>(Fact<T>? fact, string field)
        where T : struct
    {
        if (fact is null)
        {
            return null;
        }

        var valued = fact.How is not (Known.Unknown or Known.NotApplicable);
        return Refuse.BadEnum(fact.How, field + ".how")
            ?? (valued == fact.Value is not null ? null : new Refusal(valued ? Why.NeedsValue : Why.NoValueHere, field + ".value"))
            ?? Refuse.BadNote(fact.Entered, field + ".entered")
            ?? Refuse.BadNote(fact.Who, field + ".who")
            ?? Refuse.BadNote(fact.When, field + ".when")
            ?? Refuse.BadNote(fact.By, field + ".by");
    }
}
