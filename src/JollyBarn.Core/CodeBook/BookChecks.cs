using System.Globalization;
using JollyBarn.Terms;

namespace JollyBarn.CodeBook;

/// <summary>What a code profile and a house practice must be to be used.</summary>
public static class BookChecks
{
    /// <summary>The reason a profile cannot be used, or null.</summary>
    public static Refusal? Profile(CodeProfile profile)
    {
        if (!Enum.IsDefined(profile.Edition))
        {
            return new(Why.NoSuchEdition, "edition");
        }

        if (profile.Amendments.Count > 200)
        {
            return new(Why.ManyAmendments, "amendments");
        }

        var book = LimitTable.For(CodeProfile.Default with { Edition = profile.Edition });
        foreach (var amendment in profile.Amendments)
        {
            if (amendment is null || !book.Has(amendment.Key))
            {
                return new(Why.NoSuchNumber, "amendments", ("key", amendment?.Key));
            }

            if (amendment.Value is < 0 or > 10_000)
            {
                return new(Why.AmendedTooFar, "amendments");
            }

            if (string.IsNullOrWhiteSpace(amendment.Note) || amendment.Note.Length > 200)
            {
                return new(Why.AmendedByWhom, "amendments");
            }
        }

        return null;
    }

    /// <summary>The reason an answer to a question of house practice cannot be, or null; a null answer takes it back.</summary>
    public static Refusal? Practice(string key, string? answer)
    {
        if (PracticeBook.Questions.FirstOrDefault(q => q.Key == key) is { } question)
        {
            return answer is null || question.Choices.Any(c => c.Value == answer)
                ? null
                : new(
                    Why.NotThatChoice,
                    "answer",
                    ("of", question.Name),
                    ("choices", string.Join(", ", question.Choices.Select(c => c.Value)))
                );
        }

        if (Assumptions.All.FirstOrDefault(a => a.Key == key) is { } assumption)
        {
            return
                answer is null
                || (
                    decimal.TryParse(answer, NumberStyles.AllowDecimalPoint, CultureInfo.InvariantCulture, out var number)
                    && number > 0
                    && number <= assumption.Most
                )
                ? null
                : new(Why.NotThatNumber, "answer", ("of", assumption.Name), ("most", assumption.Most));
        }

        return new(Why.NoSuchPractice, "key");
    }
}
