using System.Globalization;
using JollyBarn.Measures;

namespace JollyBarn.CodeBook;

/// <summary>What a code profile and a house practice must be to be used.</summary>
public static class BookChecks
{
    /// <summary>The reason a profile cannot be used, or null.</summary>
    public static Refusal? Profile(CodeProfile profile)
    {
        if (!Enum.IsDefined(profile.Edition))
        {
            return new("The editions are 2017, 2020 and 2023.", "edition");
        }

        if (profile.Amendments.Count > 200)
        {
            return new("At most 200 amendments.", "amendments");
        }

        var book = LimitTable.For(CodeProfile.Default with { Edition = profile.Edition });
        foreach (var amendment in profile.Amendments)
        {
            if (amendment is null || !book.Has(amendment.Key))
            {
                return new($"The book has no number called {amendment?.Key} in this edition.", "amendments");
            }

            if (amendment.Value is < 0 or > 10_000)
            {
                return new("An amended number is between 0 and 10000.", "amendments");
            }

            if (string.IsNullOrWhiteSpace(amendment.Note) || amendment.Note.Length > 200)
            {
                return new("Say who amended it and where that is written, in at most 200 characters.", "amendments");
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
                : new($"{question.Name}: choose one of {string.Join(", ", question.Choices.Select(c => c.Value))}.", "answer");
        }

        if (Assumptions.All.FirstOrDefault(a => a.Key == key) is { } assumption)
        {
            return
                answer is null
                || (
                    decimal.TryParse(answer, NumberStyles.AllowDecimalPoint, CultureInfo.InvariantCulture, out var number)
                    && number > 0
                    && number <= Assumption.Most
                )
                ? null
                : new($"{assumption.Name}: a number over 0, at most {Assumption.Most}.", "answer");
        }

        return new("There is no such question of house practice.", "key");
    }
}
