using JollyBarn.Measures;
using JollyBarn.Planning;
using JollyBarn.Wiring;

namespace JollyBarn.Making;

/// <summary>A box as a Change wants it in the end: what the plan changes is as planned, what was measured, noted or named while it was done
/// stays as it was found out.</summary>
internal static class Goal
{
    /// <returns>With the ids of what is there already; null where the plan has no such box.</returns>
    public static Box? Of(Doing doing, Id<Box> id)
    {
        if (BoxDifference.Aligned(doing.Left, doing.Planned, id) is not { } goal)
        {
            return null;
        }

        if (doing.Left.Boxes.Find(id) is not { } now)
        {
            return goal;
        }

        var was = doing.Present.Boxes.Find(id);
        var found = was is null || was.Kind != goal.Kind ? goal : Found(was, goal, now);
        return found with
        {
            Leads = found.Leads.Each(
                (lead, l) =>
                    now.Leads.Find(lead) is { } there ? l with { Length = Long(was?.Leads.Find(lead)?.Length, l.Length, there.Length) } : l
            ),
            Pigtails = found.Pigtails.Each(
                (tail, t) =>
                    now.Pigtails.Find(tail) is { } there
                        ? t with
                        {
                            Length = Long(was?.Pigtails.Find(tail)?.Length, t.Length, there.Length),
                        }
                        : t
            ),
            Noted = Facts(was?.Noted ?? ById<string, Noted>.Empty, found.Noted, now.Noted),
            Said = now.Said.Where(s => was?.Said.Has(s.Key) != true).Aggregate(found.Said, (all, s) => all.With(s.Key, s.Value)),
        };
    }

    /// <summary>A box that stays the kind it is.</summary>
    private static Box Found(Box was, Box then, Box now) =>
        then with
        {
            Name = Kept(was.Name, then.Name, now.Name),
            Place = Kept(was.Place, then.Place, now.Place),
            Wall = Kept(was.Wall, then.Wall, now.Wall),
            Spot = Kept(was.Spot, then.Spot, now.Spot),
            Mark = Kept(was.Mark, then.Mark, now.Mark),
            Height = Kept(was.Height, then.Height, now.Height),
            Width = Kept(was.Width, then.Width, now.Width),
            Depth = Kept(was.Depth, then.Depth, now.Depth),
            Contents = Kept(was.Contents, then.Contents, now.Contents),
            Note = Kept(was.Note, then.Note, now.Note),
            Make = Kept(was.Make, then.Make, now.Make),
        };

    /// <summary>The plan's where it changes something, what is there where it does not.</summary>
    private static T Kept<T>(T was, T then, T now) => EqualityComparer<T>.Default.Equals(was, then) ? now : then;

    /// <summary>A length the plan does not know is as it was measured.</summary>
    private static Fact<Length> Long(Fact<Length>? was, Fact<Length> then, Fact<Length> now) =>
        then.OrNull is null || then == was ? now : then;

    /// <summary>Answers given while it was done stay beside those the plan changes.</summary>
    private static ById<string, Noted> Facts(ById<string, Noted> was, ById<string, Noted> then, ById<string, Noted> now)
    {
        var kept = then;
        foreach (var of in now.Ids.Union(then.Ids))
        {
            var (old, planned, there) = (In(was, of), In(then, of), In(now, of));
            var facts = planned;
            foreach (var key in there.Ids.Union(planned.Ids))
            {
                var fact = Kept(old.Find(key), planned.Find(key), there.Find(key));
                facts = fact is null ? facts.Without(key) : facts.With(key, fact);
            }

            kept = facts.Count == 0 ? kept.Without(of) : kept.With(of, new Noted { Facts = facts });
        }

        return kept;
    }

    private static ById<string, Observation> In(ById<string, Noted> noted, string of) =>
        noted.Find(of)?.Facts ?? ById<string, Observation>.Empty;
}
