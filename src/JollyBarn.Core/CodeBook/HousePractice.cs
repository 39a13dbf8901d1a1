namespace JollyBarn.CodeBook;

/// <summary>One school of a question the trade answers differently.</summary>
public sealed record PracticeChoice(string Value, string Name, string Reason);

/// <summary>A question on which people differ, its schools, and what holds unless the house says otherwise.</summary>
public sealed record PracticeQuestion(string Key, string Name, string Default, IReadOnlyList<PracticeChoice> Choices);

/// <summary>A house's answers; a question not answered has its default.</summary>
public sealed record HousePractice
{
    public static HousePractice Default { get; } = new();

    /// <summary>Answers by question key. Numbers (crowding assumptions) are kept here as text too.</summary>
    public IReadOnlyDictionary<string, string> Answers { get; init; } = new SortedDictionary<string, string>(StringComparer.Ordinal);

    public string Answer(PracticeQuestion question) => Answers.TryGetValue(question.Key, out var given) ? given : question.Default;

    public bool Says(PracticeQuestion question, string value) => Answer(question) == value;

    public HousePractice With(string key, string? value)
    {
        var next = new SortedDictionary<string, string>(StringComparer.Ordinal);
        foreach (var pair in Answers.Where(p => p.Key != key))
        {
            next[pair.Key] = pair.Value;
        }

        if (value is not null)
        {
            next[key] = value;
        }

        return this with { Answers = next };
    }
}

/// <summary>The questions of house practice that fill and buying depend on. All are <em>practice</em>: no article settles them.</summary>
public static class PracticeBook
{
    public static PracticeQuestion LongLeads { get; } = new(
        "fill.longLeads", "Count long leads twice in fill", "text",
        [
            new("text", "only unbroken loops", "The text counts twice only a loop that was never cut."),
            new("every", "every lead of 12 in or more", "A long lead takes the room of two, so some houses count it as two."),
            new("everyAndGrounds", "every lead of 12 in or more, grounds too", "As above, and a long ground takes room like any other."),
        ]);

    public static PracticeQuestion Flap { get; } = new(
        "fill.flap", "A nonmetallic box's own flap counts as a clamp", "no",
        [
            new("no", "no", "The flap is part of the moulded wall and its room is already in the mark."),
            new("yes", "yes (local)", "Some offices count any mechanism that holds the cable inside."),
        ]);

    public static PracticeQuestion MixedGauges { get; } = new(
        "gauge.mixed", "Mixed 14 and 12 on a 15 A circuit", "warn",
        [
            new("warn", "warn", "The next person sees 12 and puts in a 20 A breaker."),
            new("legal", "legal, say nothing", "The code allows it: the breaker suits the thinner one."),
        ]);

    public static PracticeQuestion Splice { get; } = new(
        "splice.kind", "Splices are made with", "twistOnPreTwisted",
        [
            new("twistOnPreTwisted", "twist-on, leads twisted first", "Holds when the connector comes off."),
            new("twistOn", "twist-on, by its own instructions", "The listing is what counts."),
            new("lever", "lever connector", "Opens again without cutting."),
            new("inline", "inline connector", "Adds length where leads are short."),
            new("crimp", "crimp", "Shaking cannot loosen it: vehicles and boats."),
        ]);

    public static IReadOnlyList<PracticeQuestion> Questions { get; } = [LongLeads, Flap, MixedGauges, Splice];
}
