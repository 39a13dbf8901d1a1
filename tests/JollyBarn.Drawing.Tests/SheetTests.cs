using System.Globalization;
using System.Text.Json.Nodes;
using System.Text.RegularExpressions;
using JollyBarn.Connection.Sheet;
using JollyBarn.Testing.Oracle;
using JollyBarn.Wiring;

namespace JollyBarn.Drawing.Tests;

/// <summary>The run sheet's layout by its numbers, on generated houses of up to 40 circuits.</summary>
public sealed partial class SheetTests
{
    private const int Houses = 100;

    private static readonly Lazy<IReadOnlyList<(Job Job, Job Grown)>> Jobs = new(() =>
        [
            .. Enumerable
                .Range(1, Houses)
                .Select(s => LargeHouse.Make(s, 2 + (s % 10), 8 + (s % 10 * 5)))
                .Select((j, i) => (j, LargeHouse.Grown(j, i))),
        ]
    );

    private static readonly Lazy<IReadOnlyList<(JsonNode Out, JsonNode Grown, JsonNode Again)>> Laid = new(() =>
    {
        var all = InNode.Call("sheet", Jobs.Value.SelectMany(j => new[] { j.Job, j.Grown, j.Job }).Select(j => ("layout", Given(j))));
        return [.. all.Chunk(3).Select(c => (c[0]!, c[1]!, c[2]!))];
    });

    /// <summary>A name under its stop takes two lines of 19 letters, beside an end two of 20: so much room is its own.</summary>
    [Fact]
    public void No_name_stands_on_another()
    {
        foreach (var (job, laid) in Jobs.Value.Zip(Laid.Value, (j, l) => (j.Job, l.Out)))
        {
            var ends = Ends(job);
            var rooms = Stops(laid)
                .Select(s =>
                    ends.Contains(s.Key)
                        ? (s.Key, L: s.X - 14, R: s.X + 146, T: s.Y - 15, B: s.Y + 15)
                        : (s.Key, L: s.X - 56, R: s.X + 56, T: s.Y - 18, B: s.Y + 44)
                )
                .ToList();
            var touching =
                from a in rooms
                from b in rooms
                where string.CompareOrdinal(a.Key, b.Key) < 0 && a.L < b.R && b.L < a.R && a.T < b.B && b.T < a.B
                select $"{a.Key} on {b.Key}";
            Assert.Empty(touching);
        }
    }

    /// <summary>A way goes to no stop but its own: none lies across the square of another.</summary>
    [Fact]
    public void No_way_lies_across_a_stop()
    {
        foreach (var laid in Laid.Value.Select(l => l.Out))
        {
            var stops = Stops(laid).ToList();
            foreach (var (to, lines) in Ways(laid))
            {
                foreach (var (x1, y1, x2, y2) in lines)
                {
                    var (l, r, t, b) = (Math.Min(x1, x2), Math.Max(x1, x2), Math.Min(y1, y2), Math.Max(y1, y2));
                    Assert.DoesNotContain(stops, s => s.Key != to && l < s.X + 12 && r > s.X - 12 && t < s.Y + 12 && b > s.Y - 12);
                }
            }
        }
    }

    /// <summary>Every stop stands right of the one it comes from, on its own rail, and the same job is laid out the same.</summary>
    [Fact]
    public void A_stop_stands_after_the_one_it_comes_from()
    {
        foreach (var (job, laid) in Jobs.Value.Zip(Laid.Value, (j, l) => (j.Job, l)))
        {
            Assert.Equal(laid.Out.ToJsonString(), laid.Again.ToJsonString());
            var at = Stops(laid.Out).ToDictionary(s => s.Key);
            foreach (var rail in RunSheet.Of(job).Rails)
            {
                Assert.All(rail.Stops.Where(s => s.From is not null), s =>
                    Assert.True(at[$"{rail.Key}|{s.Key}"].X > at[$"{rail.Key}|{s.From}"].X)
                );
            }
        }
    }

    /// <summary>One more box behind one that is there: of all stops under 5 % change rail or pass another.</summary>
    [Fact]
    public void One_stop_more_moves_few_others()
    {
        var (moved, all) = (0, 0);
        foreach (var (before, after) in Laid.Value.Select(l => (Order(l.Out), Order(l.Grown))))
        {
            var kept = after.Where(before.Contains).ToList();
            all += before.Count;
            moved += before.Count - Longest(before, kept);
        }

        Assert.True(moved < 0.05 * all, $"{moved} of {all}");
    }

    private static object?[] Given(Job job) =>
        [
            RunSheet
                .Of(job)
                .Rails.Select(r => new
                {
                    key = r.Key,
                    stops = r.Stops.Select(s => new
                    {
                        key = s.Key,
                        from = s.From,
                        guarded = s.Behind.Count > 0,
                        end = s.At is StopAt.Load or StopAt.Somewhere,
                    }),
                }),
        ];

    private static HashSet<string> Ends(Job job) =>
        [.. RunSheet.Of(job).Rails.SelectMany(r => r.Stops.Where(s => s.At != StopAt.Box).Select(s => $"{r.Key}|{s.Key}"))];

    private static IEnumerable<(string Key, double X, double Y)> Stops(JsonNode laid) =>
        from rail in laid["rails"]!.AsArray()
        from stop in rail!["stops"]!.AsArray()
        select ($"{rail["key"]}|{stop!["key"]}", (double)stop["x"]!, (double)stop["y"]!);

    /// <summary>Stops from the top rail down, along each row.</summary>
    private static List<string> Order(JsonNode laid) => [.. Stops(laid).OrderBy(s => s.Y).ThenBy(s => s.X).Select(s => s.Key)];

    /// <summary>The straight pieces of each way, by the stop it leads to.</summary>
    private static IEnumerable<(string To, List<(double, double, double, double)> Lines)> Ways(JsonNode laid)
    {
        foreach (var rail in laid["rails"]!.AsArray())
        {
            foreach (var way in rail!["ways"]!.AsArray())
            {
                var (x, y) = (0.0, 0.0);
                var lines = new List<(double, double, double, double)>();
                foreach (Match step in Step().Matches((string)way!["d"]!))
                {
                    double[] n = [.. Number().Matches(step.Value).Select(m => double.Parse(m.Value, CultureInfo.InvariantCulture))];
                    var (nx, ny) = step.Value[0] switch
                    {
                        'H' => (n[0], y),
                        'V' => (x, n[0]),
                        _ => (n[^2], n[^1]),
                    };
                    if (step.Value[0] is 'H' or 'V')
                    {
                        lines.Add((x, y, nx, ny));
                    }

                    (x, y) = (nx, ny);
                }

                yield return ($"{rail["key"]}|{way["to"]}", lines);
            }
        }
    }

    /// <summary>Length of the longest run of stops that both orders have in common.</summary>
    private static int Longest(List<string> a, List<string> b)
    {
        var best = new int[a.Count + 1, b.Count + 1];
        for (var i = 1; i <= a.Count; i++)
        {
            for (var j = 1; j <= b.Count; j++)
            {
                best[i, j] = a[i - 1] == b[j - 1] ? best[i - 1, j - 1] + 1 : Math.Max(best[i - 1, j], best[i, j - 1]);
            }
        }

        return best[a.Count, b.Count];
    }

    [GeneratedRegex("[A-Z][^A-Z]*")]
    private static partial Regex Step();

    [GeneratedRegex(@"-?\d+(\.\d+)?")]
    private static partial Regex Number();
}
