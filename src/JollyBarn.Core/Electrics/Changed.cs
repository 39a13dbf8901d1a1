using System.Numerics;

namespace JollyBarn.Electrics;

/// <summary>A solved network with a few branches laid on it, solved by what they change and not anew (Woodbury's identity; one branch:
/// Sherman and Morrison).</summary>
/// <remarks>Only added admittances: what is opened is solved anew, because taking away the one tie of an island leaves nothing to divide
/// by.</remarks>
public sealed class Changed
{
    private readonly Solved solved;
    private readonly Branch[] added;
    private readonly Solved.Response[] responses;

    /// <summary>Current of each added branch, A, from its first node to its second.</summary>
    private readonly Complex[] amperes;

    private Changed(Solved solved, Branch[] added, Solved.Response[] responses, Complex[] amperes) =>
        (this.solved, this.added, this.responses, this.amperes) = (solved, added, responses, amperes);

    /// <summary>Potential of a node with the change in place, V RMS.</summary>
    public Complex this[int node]
    {
        get
        {
            var volts = solved[node];
            for (var i = 0; i < added.Length; i++)
            {
                volts -= amperes[i] * responses[i][node];
            }

            return volts;
        }
    }

    public double Between(int a, int b) => (this[a] - this[b]).Magnitude;

    /// <summary>Current through an added branch, A RMS.</summary>
    public double Amperes(int branch) => amperes[branch].Magnitude;

    /// <exception cref="ArgumentOutOfRangeException">An admittance that gives power.</exception>
    internal static Changed Of(Solved solved, ReadOnlySpan<Branch> added)
    {
        foreach (var branch in added)
        {
            ArgumentOutOfRangeException.ThrowIfNegative(branch.Admittance.Real, nameof(added));
        }

        var k = added.Length;
        var branches = added.ToArray();
        var responses = new Solved.Response[k];
        for (var i = 0; i < k; i++)
        {
            responses[i] = solved.RespondTo(branches[i].From, branches[i].To);
        }

        var rows = new Complex[k, k + 1];
        for (var i = 0; i < k; i++)
        {
            var (a, b, y) = branches[i];
            rows[i, k] = y * (solved[a] - solved[b]);
            for (var j = 0; j < k; j++)
            {
                rows[i, j] = (i == j ? Complex.One : Complex.Zero) + (y * (responses[j][a] - responses[j][b]));
            }
        }

        return new Changed(solved, branches, responses, Eliminated(rows, k));
    }

    /// <summary>A handful of equations, pivoted by rows.</summary>
    private static Complex[] Eliminated(Complex[,] rows, int k)
    {
        for (var c = 0; c < k; c++)
        {
            var best = c;
            for (var r = c + 1; r < k; r++)
            {
                best = rows[r, c].Magnitude > rows[best, c].Magnitude ? r : best;
            }

            for (var j = c; j <= k && best != c; j++)
            {
                (rows[c, j], rows[best, j]) = (rows[best, j], rows[c, j]);
            }

            for (var r = c + 1; r < k; r++)
            {
                var factor = rows[r, c] / rows[c, c];
                for (var j = c; j <= k; j++)
                {
                    rows[r, j] -= factor * rows[c, j];
                }
            }
        }

        var found = new Complex[k];
        for (var r = k - 1; r >= 0; r--)
        {
            var sum = rows[r, k];
            for (var j = r + 1; j < k; j++)
            {
                sum -= rows[r, j] * found[j];
            }

            found[r] = sum / rows[r, r];
        }

        return found;
    }
}
