using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>Distances to the next receptacle and to the end of a wall or counter, as two rules judge them where somebody measured.</summary>
public abstract class OutletSpacing(string id, string name, string along, string limitKey) : BoxRule(id, name, "A cord laid across a door or through a room is what wears and burns.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        var limit = look.Limits[limitKey];
        var most = look.Limits.Inches(limitKey);
        (Length? Way, Length Most, string What)[] asked = [(look.Tape(Subjects.Box, along + "-next"), most + most, "to the next receptacle"), (look.Tape(Subjects.Box, along + "-edge"), most, $"to where the {along} ends")];
        var ways = asked.Where(w => w.Way is not null).Select(w => (Way: w.Way!.Value, w.Most, w.What)).ToList();
        if (look.Receptacles.Count == 0 || ways.Count == 0)
        {
            yield break;
        }

        var (way, allowed, what) = ways.MaxBy(w => w.Way - w.Most);
        yield return way <= allowed
            ? Fine(Subjects.Box, $"Along the {along}, {way} {what}, {allowed} at most.", limit.Article)
            : Fix(Subjects.Box, $"Along the {along}, {way} {what}; {allowed} at most.", limit.Article) with { Sum = $"{way} − {allowed} = {way - allowed} too far" };
    }
}

/// <summary>No point along a wall is more than 6 ft from a receptacle.</summary>
/// <remarks>NEC 210.52(A)(1): so 12 ft between two.</remarks>
public sealed class WallSpacing() : OutletSpacing("wall-spacing", "Receptacles along a wall", "wall", "outlet.wall");

/// <summary>No point along a kitchen counter is more than 24 in from a receptacle.</summary>
/// <remarks>NEC 210.52(C)(1): so 48 in between two.</remarks>
public sealed class CounterSpacing() : OutletSpacing("counter-spacing", "Receptacles along a counter", "counter", "outlet.counter");
