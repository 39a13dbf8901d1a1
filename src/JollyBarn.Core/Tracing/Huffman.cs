namespace JollyBarn.Tracing;

/// <summary>A tree of yes-and-no tests that tells apart so many things with the fewest tests on the average.</summary>
/// <remarks>D. A. Huffman, A Method for the Construction of Minimum-Redundancy Codes, 1952: where every test may ask after any set of
/// things and answers are exact, no other order of tests needs fewer on the average.</remarks>
public sealed class Huffman
{
    private Huffman(double weight, IReadOnlyList<int> things, Huffman? one = null, Huffman? other = null) =>
        (Weight, Things, One, Other) = (weight, things, one, other);

    /// <summary>Sum of the weights of its things.</summary>
    public double Weight { get; }

    /// <summary>The things below it, by their numbers.</summary>
    public IReadOnlyList<int> Things { get; }

    /// <summary>What the first test parts from <see cref="Other"/>; null where only one thing is left.</summary>
    public Huffman? One { get; }

    public Huffman? Other { get; }

    /// <summary>The tree of things 0 to n − 1 by their weights, none of them negative.</summary>
    public static Huffman Of(IReadOnlyList<double> weights)
    {
        ArgumentOutOfRangeException.ThrowIfZero(weights.Count);
        var ahead = new PriorityQueue<Huffman, (double, int)>();
        var order = 0;
        for (var i = 0; i < weights.Count; i++)
        {
            ahead.Enqueue(new(weights[i], [i]), (weights[i], order++));
        }

        while (ahead.Count > 1)
        {
            var (one, other) = (ahead.Dequeue(), ahead.Dequeue());
            var sum = one.Weight + other.Weight;
            ahead.Enqueue(new(sum, [.. one.Things, .. other.Things], one, other), (sum, order++));
        }

        return ahead.Dequeue();
    }

    /// <summary>Sum over all tests of how likely each is made: the number of tests on the average, times the sum of the weights.</summary>
    public double Tests => One is null ? 0 : Weight + One.Tests + Other!.Tests;

    /// <summary>The same of breakers thrown, the smaller part of each test being switched.</summary>
    public double Throws => One is null ? 0 : (Weight * Math.Min(One.Things.Count, Other!.Things.Count)) + One.Throws + Other.Throws;
}
