using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Edits;

/// <summary>What a fact must be to be recorded.</summary>
internal static class Facts
{
    private static readonly Length Longest = Length.Inches(6000);

    public static Refusal? Bad(Fact<Volume>? fact, string field) =>
        BadHow(fact, field)
        ?? (
            fact?.Value is { } v && (v <= Volume.Zero || v > Volume.Of(5000m))
                ? new Refusal("A volume mark is over 0 and at most 5000 in³.", field + ".value")
                : null
        );

    public static Refusal? Bad(Fact<Length>? fact, string field) =>
        BadHow(fact, field)
        ?? (
            fact?.Value is { } v && (v < Length.Zero || v > Longest)
                ? new Refusal("A length here is 0 to 500 feet.", field + ".value")
                : null
        );

    public static Refusal? BadHow<T>(Fact<T>? fact, string field)
        where T : struct
    {
        if (fact is null)
        {
            return null;
        }

        var valued = fact.How is not (Known.Unknown or Known.NotApplicable);
        return Refuse.BadEnum(fact.How, field + ".how")
            ?? (
                valued == fact.Value is not null
                    ? null
                    : new Refusal(valued ? "This needs a value." : "Unknown and not applicable carry no value.", field + ".value")
            )
            ?? Refuse.BadNote(fact.Entered, field + ".entered")
            ?? Refuse.BadNote(fact.Who, field + ".who")
            ?? Refuse.BadNote(fact.When, field + ".when")
            ?? Refuse.BadNote(fact.By, field + ".by");
    }
}
