namespace JollyBarn.CodeBook;

/// <summary>An edition of the National Electrical Code that the product ships numbers for.</summary>
public enum Edition
{
    Nec2017 = 2017,
    Nec2020 = 2020,
    Nec2023 = 2023,
}

/// <summary>A local change to one number of the book: tightens or relaxes it, or only says something beside it.</summary>
/// <param name="Key">Key of the number in <see cref="LimitTable"/>, such as <c>fill.ground.further</c>.</param>
/// <param name="Value">The number that holds here, in the unit of the original; null only annotates.</param>
/// <param name="Note">Who says so and where it is written.</param>
public sealed record Amendment(string Key, string Note, decimal? Value = null);

/// <summary>Which book a job is judged by: edition, office and its date, and local amendments.</summary>
public sealed record CodeProfile
{
    public static CodeProfile Default { get; } = new();

    public Edition Edition { get; init; } = Edition.Nec2023;

    public string? Office { get; init; }

    /// <summary>Date of the profile as the office gives it, year-month-day.</summary>
    public string? Date { get; init; }

    public IReadOnlyList<Amendment> Amendments { get; init; } = [];
}
