using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Wiring;

namespace JollyBarn.Planning.Ways;

/// <summary>What is cut from the coils and offcuts of one cable or wire.</summary>
/// <param name="Pieces">The pieces, in the order the plan counts them.</param>
/// <param name="Coils">Lengths of the coils and offcuts in the van, ft.</param>
public sealed record CutFrom(PartId Part, IReadOnlyList<Cut> Pieces, IReadOnlyList<decimal> Coils, CoilPlan Plan);

/// <summary>One list of what all open Changes use together, and how it is cut.</summary>
/// <param name="Changes">The Changes it is for.</param>
/// <param name="Off">Each breaker once, for all that is done on it: off, proved dead and on again one time.</param>
/// <param name="Minutes">Work of all of them, in minutes of this house.</param>
/// <param name="After">The job with all of them planned, as far as they go together.</param>
public sealed record Shopping(
    IReadOnlyList<string> Changes,
    IReadOnlyList<PartNeed> Parts,
    IReadOnlyList<CutFrom> Cuts,
    IReadOnlyList<WayOff> Off,
    decimal Minutes,
    Job After
)
{
    /// <summary>Several times off are one: it is switched off and proved dead once.</summary>
    private static WayOff Once(Job job, IReadOnlyList<WayOff> off) =>
        off[0] with
        {
            Minutes = off.Sum(o => o.Minutes) - ((off.Count - 1) * LearnedMinutes.Of(job, WayBook.Prove).Minutes),
        };

    public static Shopping Of(Job job, IShop shop)
    {
        ArgumentNullException.ThrowIfNull(job);
        var stock = new Stock(job, shop);
        var open = job.Changes.Where(c => c.Value.Closed is null).Select(c => c.Key).ToList();
        var parts = new Dictionary<PartId, decimal>();
        var (cuts, off, minutes) = (new List<Cut>(), new List<WayOff>(), 0m);
        var all = job;
        foreach (var change in open)
        {
            // Each from what is left as it is now: what is done already is bought and cut.
            var (left, planned) = (ChangeWork.AsLeft(job, change), ChangeWork.Planned(job, change));
            var edits = ChangeWork.NotDone(job, change).Select(s => s.Edit).ToList();
            foreach (var need in PartsOf.Between(left, planned, new(), edits))
            {
                parts[need.Part] = parts.GetValueOrDefault(need.Part) + need.Count;
            }

            cuts.AddRange(Ways.Cuts.Between(left, planned));
            if (!ReferenceEquals(left, planned))
            {
                var work = WayWork.Of(left, planned, new(), closed: false, edits);
                off.AddRange(work.Off);
                minutes += work.Ops.Sum(o => o.Minutes);
            }
            all = planned.Boxes.Aggregate(all, (j, b) => job.Boxes.Has(b.Key) ? j : j with { Boxes = j.Boxes.With(b.Key, b.Value) });
            all = planned.Runs.Aggregate(all, (j, r) => job.Runs.Has(r.Key) ? j : j with { Runs = j.Runs.With(r.Key, r.Value) });
        }

        return new(
            open,
            [.. parts.OrderBy(p => p.Key.Sort).ThenBy(p => p.Key.Kind, StringComparer.Ordinal).Select(p => new PartNeed(p.Key, p.Value))],
            [
                .. cuts.GroupBy(c => c.Part)
                    .OrderBy(g => g.Key.Sort)
                    .ThenBy(g => g.Key.Kind, StringComparer.Ordinal)
                    .Select(g =>
                    {
                        var coils = stock.Find(g.Key)?.Pieces ?? [];
                        return new CutFrom(g.Key, [.. g], coils, CoilCutting.Plan([.. g.Select(c => c.Feet)], coils));
                    }),
            ],
            [.. off.GroupBy(o => o.Breaker).OrderBy(g => g.Key, StringComparer.Ordinal).Select(g => Once(job, [.. g]))],
            minutes,
            all
        );
    }
}
