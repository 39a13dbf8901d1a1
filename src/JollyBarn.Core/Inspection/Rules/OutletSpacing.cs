using JollyBarn.CodeBook;
using JollyBarn.Measures;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>Distances to the next receptacle and to the end of a wall or counter, as two rules judge them: as somebody measured them, else
/// as the wall it is laid out on has them.</summary>
public abstract class OutletSpacing(string id, FactKey<Length> next, FactKey<Length> edge, string limit) : BoxRule(id)
{
    public enum Case
    {
        NextTooFar,
        EdgeTooFar,
        AskEdge,
        AskNext,
        NextWithin,
        EdgeWithin,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        var most = look.Limits.Inches(limit);
        if (look.Read(next) is null && look.Read(edge) is null)
        {
            foreach (var found in ByWall(look, most))
            {
                yield return found.By(limit);
            }

            yield break;
        }

        (FactKey<Length> Fact, Length Most)[] asked = [(next, most + most), (edge, most)];
        var ways = asked
            .Select(a => (a.Fact, Way: look.Read(a.Fact), a.Most))
            .Where(w => w.Way is not null)
            .Select(w => (w.Fact, Way: w.Way!.Value, w.Most))
            .ToList();
        if (look.Receptacles.Count == 0 || ways.Count == 0)
        {
            yield break;
        }

        var (fact, way, allowed) = ways.MaxBy(w => w.Way - w.Most);
        var open = asked.Select(a => a.Fact).Where(f => look.Read(f) is null && !look.DoesNotApply(f)).ToArray<FactKey>();
        (string, object?)[] details = [("way", way), ("allowed", allowed), ("most", most)];
        yield return (
            Subjects.Box switch
            {
                var box when way > allowed => Fix(
                    box,
                    fact == next ? Case.NextTooFar : Case.EdgeTooFar,
                    [.. details, ("by", way - allowed)]
                ),
                var box when open.Length > 0 => Ask(box, fact == next ? Case.AskEdge : Case.AskNext, open, details),
                var box => Fine(box, fact == next ? Case.NextWithin : Case.EdgeWithin, details),
            }
        ).By(limit);
    }

    /// <summary>What its receptacles reach along the wall.</summary>
    protected abstract WallReach Reach(WallPlan plan, WallSide side, LimitTable limits);

    /// <summary>Only what is too far, and only where every box of the face is known: that nothing is too far waits for the walls round the
    /// corner.</summary>
    private IEnumerable<Finding> ByWall(BoxLook look, Length most)
    {
        if (look.Box.Spot is not { } spot || look.Reads.Plan(look.Box.Wall) is not { } plan || !WallReach.Asks(look.Use))
        {
            yield break;
        }

        var reach = Reach(plan, spot.Side, look.Limits);
        if (!reach.Known)
        {
            yield break;
        }

        var (beside, end) = reach.Ways(look.Id);
        foreach (
            var (fact, what, way, allowed) in new[] { (next, Case.NextTooFar, beside, most + most), (edge, Case.EdgeTooFar, end, most) }
        )
        {
            if (way is { } far && far > allowed && !look.DoesNotApply(fact))
            {
                yield return Fix(Subjects.Box, what, ("way", far), ("allowed", allowed), ("most", most), ("by", far - allowed));
            }
        }
    }
}
