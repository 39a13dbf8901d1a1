namespace JollyBarn.Telling.Phrases;

/// <summary>So many of something, in figures.</summary>
internal static class Counted
{
    /// <summary><c>1 reading</c>, <c>3 readings</c>.</summary>
    public static string Of(int count, string what) => $"{count} {what}{(count == 1 ? "" : "s")}";
}
