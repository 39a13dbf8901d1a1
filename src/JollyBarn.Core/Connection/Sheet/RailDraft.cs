using JollyBarn.Electrics;
using JollyBarn.Wiring;

namespace JollyBarn.Connection.Sheet;

/// <summary>A rail while it is made.</summary>
internal sealed class RailDraft(string key, IReadOnlyList<string> breakers)
{
    private readonly Dictionary<string, SheetStop> stops = [];

    public string Key => key;

    public IReadOnlyList<string> Breakers => breakers;

    public List<SheetStop> Stops { get; } = [];

    public List<SheetTie> Ties { get; } = [];

    public static string KeyOf(Id<Box> box) => $"b:{box}";

    public static string KeyOf(Id<Run> run, RunSide side) => $"e:{Subjects.CableEnd(run, side)}";

    public bool Has(string stop) => stops.ContainsKey(stop);

    public void Add(SheetStop stop)
    {
        stops[stop.Key] = stop;
        Stops.Add(stop);
    }

    public Rail Done()
    {
        var guarding = Stops.SelectMany(s => s.Behind.Where(g => g.Kind == GuardKind.Device && KeyOf(g.In) != s.Key)).ToHashSet();
        return new(
            key,
            breakers,
            [.. Stops.Select(s => s with { Protects = s.At == StopAt.Box && guarding.Any(g => g.In == s.Id) })],
            [.. Ties.OrderBy(t => t.Run)]
        );
    }
}
