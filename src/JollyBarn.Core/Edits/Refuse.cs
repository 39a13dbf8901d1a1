using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Edits;

/// <summary>Reasons that many edits share.</summary>
internal static class Refuse
{
    private const int LongestText = 200;

    public static Refusal? BadId(string? id, string field) =>
        Ids.IsGood(id) ? null : new Refusal(Why.NotAnId, field, ("id", Ids.Shown(id)));

    public static Refusal? NewId(string? id, bool taken, string field) =>
        BadId(id, field) ?? (taken ? new Refusal(Why.IdTaken, field, ("id", id)) : null);

    /// <summary>A name or other text that must say something.</summary>
    public static Refusal? BadText(string? text, string field) =>
        string.IsNullOrWhiteSpace(text) ? new Refusal(Why.NeedsName, field) : BadNote(text, field);

    /// <summary>Text that may be left out, but not be too long or hold control characters.</summary>
    public static Refusal? BadNote(string? text, string field, int longest = LongestText) =>
        text switch
        {
            null => null,
            { } t when t.Length > longest => new(Why.TooLong, field, ("most", longest)),
            { } t when t.Any(c => char.IsControl(c) && c is not '\n') => new(Why.NotShowable, field),
            _ => null,
        };

    public static Refusal? BadTime(string? text, string field) =>
        DateTimeOffset.TryParse(text, System.Globalization.CultureInfo.InvariantCulture, out _) ? null : new Refusal(Why.NotATime, field);

    public static Refusal Missing(What what, string? id, string field) => new(Why.Missing, field, ("what", what), ("id", Ids.Shown(id)));

    public static Refusal? BadEnum<TEnum>(TEnum value, string field)
        where TEnum : struct, Enum => Enum.IsDefined(value) ? null : new Refusal(Why.NotAChoice, field);
}
