using System.Globalization;
using System.Text.Json;
using Google.OrTools.Sat;

// Makes 200 cases of pieces and coils, in tenths of a foot, with the least that has to be bought and a bound no plan can beat, by CP-SAT.
// The file it writes is kept; the program's own cutting is held against it.
var random = new Random(15);
var cases = new List<Case>();
for (var n = 0; n < 200; n++)
{
    int[] pieces = [.. Enumerable.Range(0, random.Next(5, 41)).Select(_ => random.Next(15, 400))];
    int[] coils = [.. Enumerable.Range(0, random.Next(1, 9)).Select(_ => random.Next(60, 1200))];
    cases.Add(Solve(pieces, coils));
}

File.WriteAllLines(args[0], ["[", .. cases.Select((c, i) => JsonSerializer.Serialize(c) + (i + 1 < cases.Count ? "," : "")), "]"]);
Console.WriteLine(
    string.Create(CultureInfo.InvariantCulture, $"{cases.Count} cases, {cases.Count(c => c.Bought == c.Bound)} of them proved the least")
);

static Case Solve(int[] pieces, int[] coils)
{
    var model = new CpModel();
    var at = pieces.Select((_, p) => coils.Select((_, c) => model.NewBoolVar($"x{p}-{c}")).ToArray()).ToArray();
    for (var p = 0; p < pieces.Length; p++)
    {
        model.AddAtMostOne(at[p]);
    }

    for (var c = 0; c < coils.Length; c++)
    {
        model.Add(LinearExpr.WeightedSum(at.Select(row => row[c]), pieces.Select(p => (long)p)) <= coils[c]);
    }

    var packed = LinearExpr.WeightedSum(at.SelectMany(row => row), pieces.SelectMany(p => coils.Select(_ => (long)p)));
    model.Maximize(packed);
    var solver = new CpSolver { StringParameters = "max_time_in_seconds:20 num_workers:2" };
    solver.Solve(model);
    var all = pieces.Sum();
    return new(pieces, coils, all - (int)solver.ObjectiveValue, all - (int)Math.Ceiling(solver.BestObjectiveBound - 1e-6));
}

internal sealed record Case(int[] Pieces, int[] Coils, int Bought, int Bound);
