using System.Text.Json;

namespace JollyBarn.Testing;

/// <summary>A table of faults and the tests that reveal them, with the fewest tests a reference solver found and its bound.</summary>
/// <param name="Columns">How many tests there are.</param>
/// <param name="Rows">For each fault, rows that ask for no less than another left out, the tests that reveal it.</param>
public sealed record KnownCover(string Name, int Columns, IReadOnlyList<IReadOnlyList<int>> Rows, int Best, int Bound)
{
    public IReadOnlyList<IReadOnlySet<int>> Sets => [.. Rows.Select(r => (IReadOnlySet<int>)r.ToHashSet())];
}

public static class KnownCovers
{
    public static IReadOnlyList<KnownCover> Read(string file) =>
        JsonSerializer.Deserialize<List<KnownCover>>(File.ReadAllBytes(file), JsonSerializerOptions.Web) ?? [];
}
