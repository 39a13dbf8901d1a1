namespace JollyBarn.Tracing;

/// <summary>Which breakers are off in which round of a walk through the house: a pattern for each breaker, any two of which differ in
/// four rounds at least.</summary>
/// <remarks>So one wrong look at an outlet still leaves one pattern nearest by two (R. W. Hamming, Error Detecting and Error Correcting
/// Codes, 1950). Built word by word, the smallest that fits first (J. H. Conway and N. J. A. Sloane, Lexicographic Codes, 1986), and never
/// off in no round, so that what no breaker switches shows too.</remarks>
public static class WalkCode
{
    /// <summary>Rounds in which any two patterns differ, at least.</summary>
    public const int Apart = 4;

    /// <summary>How many rounds so many breakers take: 8 for up to 15, 10 for up to 31, 11 for up to 63.</summary>
    public static int Rounds(int breakers)
    {
        for (var rounds = Apart; ; rounds++)
        {
            if (Words(rounds).Count >= breakers)
            {
                return rounds;
            }
        }
    }

    /// <summary>A pattern for each breaker: bit k set where it is off in round k.</summary>
    public static IReadOnlyList<int> Patterns(int breakers)
    {
        var words = Words(Rounds(breakers));
        // Those that throw least come first: every breaker off is one to throw twice.
        return [.. words.OrderBy(w => int.PopCount(w)).ThenBy(w => w).Take(breakers)];
    }

    private static List<int> Words(int rounds)
    {
        List<int> words = [0];
        for (var word = 1; word < 1 << rounds; word++)
        {
            if (words.TrueForAll(w => int.PopCount(w ^ word) >= Apart))
            {
                words.Add(word);
            }
        }

        words.RemoveAt(0);
        return words;
    }
}
