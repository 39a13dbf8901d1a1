using JollyBarn.CodeBook;
using JollyBarn.Connection.Sheet;
using JollyBarn.Edits;
using JollyBarn.Wiring;

namespace JollyBarn.Planning.Ways;

/// <summary>The work of a way: its operations, which breakers are off for how long, and what it spoils.</summary>
/// <remarks>Counted from the difference of the two states, so that a way changed by hand counts as it is.</remarks>
internal sealed class WayWork
{
    private readonly List<WayOp> ops = [];
    private readonly Job job;

    private WayWork(Job job) => this.job = job;

    public IReadOnlyList<WayOp> Ops => ops;

    public IReadOnlyList<WayOff> Off { get; private init; } = [];

    /// <summary>What of finished walls there is to make good.</summary>
    public IReadOnlyList<WayDamage> Damage { get; private init; } = [];

    public static WayWork Of(Job before, Job after, WayChoice choice, bool closed, IEnumerable<Edit> edits)
    {
        var (work, put) = (new WayWork(before), PutIn.By(edits));
        var touched = Touched.Boxes(before, after).Where(after.Boxes.Has).Order().ToList();
        var old = touched.Where(before.Boxes.Has).ToList();
        var breakers = Breakers(before, old);
        var fresh = touched.Where(b => !before.Boxes.Has(b)).ToList();
        var panels = before.Panels.Where(p => !ReferenceEquals(p.Value, after.Panels.Find(p.Key))).ToList();
        var replaced = old.Where(b => before.Boxes[b].Kind != after.Boxes[b].Kind).ToList();
        // A box that is nailed wants the wall open round it.
        var opened = replaced.Count(b => BoxKinds.Find(after.Boxes[b].Kind) is { OldWork: false, Mounted: not Mounted.Surface });
        var byHand = choice.Remedy is not null && old.Count == 0;
        work.Add(WayBook.Prove, Math.Max(1, breakers.Count));
        work.Add(WayBook.Open, old.Count);
        var inside = 0m;
        foreach (var id in touched)
        {
            var (was, box) = (before.Boxes.Find(id), after.Boxes[id]);
            inside += work.Add(WayBook.Joint, box.Joints.Ids.Count(j => was?.Joints.Find(j)?.Connector != box.Joints[j].Connector));
            inside += work.Add(WayBook.Tail, box.Pigtails.Ids.Count(p => was?.Pigtails.Has(p) != true));
            inside += work.Add(WayBook.Device, box.Devices.Count(d => put.IsNew(id, was, d.Key, d.Value)));
            inside += work.Add(WayBook.Part, box.Parts.Ids.Count(p => was?.Parts.Has(p) != true));
            inside += work.Add(WayBook.CableIn, Ends(box) - (was is null ? 0 : Ends(was)));
        }

        work.Add(WayBook.SetBox, fresh.Count + replaced.Count);
        var cut = closed && choice.Route != WayRoute.Surface ? fresh.Count(b => Flush(after.Boxes[b])) : 0;
        work.Add(WayBook.Hole, cut);
        work.Add(WayBook.Replace, closed ? replaced.Count : 0);
        var feet = choice.Along?.OrNull is { } along ? along.InInches / 12 : 0;
        if (choice.Route is { } route)
        {
            work.Add(OutletWays.Per(route), Math.Ceiling(feet));
        }

        var slots = work.Add(WayBook.Breaker, panels.Count);
        work.Add(WayBook.Splice, choice.Repair is null ? 0 : 1);
        work.Add(WayBook.Hand, byHand ? 1 : 0);
        var across =
            choice.Route != WayRoute.Inside || !closed ? 0
            : choice.AlongWall is { } wall ? wall.Studs.Count + wall.Guessed
            : Math.Max(0, Math.Ceiling(feet / WayBook.HoleEvery.Of(before.Practice)) - 1);
        // A switched-off circuit stays off for the work in the boxes that are on it, not for what is fished beside it.
        var off = WayBook.Prove.Of(before.Practice) + (WayBook.Open.Of(before.Practice) * old.Count) + inside;
        return new WayWork(before)
        {
            // Work in a panel wants its main off, and with it everything.
            Off =
            [
                .. breakers.Where(b => !panels.Exists(p => BreakerKey.Read(b)?.Panel == p.Key)).Select(b => new WayOff(b, off)),
                .. panels.Select(p => new WayOff(p.Key, WayBook.Prove.Of(before.Practice) + slots, p.Value.Breakers.Count)),
            ],
            Damage =
            [
                .. new WayDamage[]
                {
                    new(Spoilt.NewHole, cut),
                    new(Spoilt.BoxOut, closed ? replaced.Count : 0),
                    new(Spoilt.Opened, closed ? opened : 0),
                    new(choice.AlongWall is null ? Spoilt.Across : Spoilt.Studs, across),
                    new(Spoilt.Raceway, choice.Route == WayRoute.Surface ? 0.5m : 0),
                }.Where(d => d.Holes > 0),
            ],
        }.With(work.ops);
    }

    private WayWork With(List<WayOp> all)
    {
        // The same of several boxes is one line.
        ops.AddRange(all.GroupBy(o => o.Op).Select(g => new WayOp(g.Key, g.Sum(o => o.Count), g.Sum(o => o.Minutes))));
        return this;
    }

    private decimal Add(Assumption op, decimal count)
    {
        var minutes = Math.Max(0, count) * LearnedMinutes.Of(job, op).Minutes;
        if (count > 0)
        {
            ops.Add(new(op, count, minutes));
        }

        return minutes;
    }

    private static bool Flush(Box box) => BoxKinds.Find(box.Kind)?.Mounted != Mounted.Surface;

    private static int Ends(Box box) => box.Leads.Values.Where(l => l.Run is not null).Select(l => (l.Run, l.Side)).Distinct().Count();

    /// <summary>Breakers whose hots come to these boxes, by the run sheet.</summary>
    private static IReadOnlyList<string> Breakers(Job job, IReadOnlyCollection<Id<Box>> boxes) =>
        [
            .. RunSheet
                .Of(job)
                .Rails.SelectMany(r => r.Stops.Where(s => s is { At: StopAt.Box, Id: { } id } && boxes.Contains(id)).Select(s => (r, s)))
                .SelectMany(x => x.s.Breakers.Count > 0 ? x.s.Breakers : x.r.Breakers)
                .Distinct()
                .Order(StringComparer.Ordinal),
        ];
}
