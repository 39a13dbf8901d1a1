using JollyBarn.CodeBook;
using JollyBarn.Measures;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Electrics;

/// <summary>Cables: each conductor by gauge and length, coupled to its neighbours, ended at boxes, panels, or where nobody has
/// looked.</summary>
internal static class RunPlan
{
    /// <summary>A conductor nobody could gauge, in a branch circuit.</summary>
    private static readonly Gauge Usual = Gauge.Awg(14);

    public static void Put(JobPlan to, Id<Run> id, Run run)
    {
        Conductors(to, id, run);
        EndAtIt(to, id, run, RunSide.A);
        EndAtIt(to, id, run, RunSide.B);
    }

    /// <summary>Number of the conductor that is the ground, after the insulated ones, or of the metal that is; null without one.</summary>
    public static int? GroundIndex(Run run) =>
        run.Ground is GroundKind.Bare or GroundKind.Insulated or GroundKind.Sheath ? run.Conductors.Count : null;

    /// <summary>Conductors of a run, the ground among them.</summary>
    public static int Count(Run run) => run.Conductors.Count + (GroundIndex(run) is null ? 0 : 1);

    private static void Conductors(JobPlan to, Id<Run> id, Run run)
    {
        var feet = run.Length.OrNull is { } length ? (double)length.InInches / 12 : to.Set(ElectricsBook.UnknownFeet);
        if (run.Length.OrNull is null)
        {
            to.Plan.Assume(AssumedCase.RunLength, ("feet", feet));
        }

        var count = Count(run);
        for (var i = 0; i < count; i++)
        {
            var gauge = (i < run.Conductors.Count ? run.Conductors[i].Gauge : run.GroundGauge) ?? run.Gauge ?? Usual;
            to.Plan.Join(
                LinkKeys.Wire(id, i),
                Points.End(id, RunSide.A, i),
                Points.End(id, RunSide.B, i),
                Copper.Ohms(gauge, feet, to.Now.Celsius, run.Metal),
                LinkKind.Wire,
                open: run.IsCut
            );
        }

        if (!to.Now.Stray)
        {
            return;
        }

        var each = JobPlan.Capacity(to.Set(ElectricsBook.Coupling) * feet);
        for (var i = 0; i < count; i++)
        {
            for (var j = 0; j < i; j++)
            {
                to.Plan.Join(LinkKeys.Stray(id, j, i), Points.End(id, RunSide.A, j), Points.End(id, RunSide.A, i), each, LinkKind.Stray);
            }
        }
    }

    private static void EndAtIt(JobPlan to, Id<Run> id, Run run, RunSide side)
    {
        var end = run.End(side);
        switch (end.At)
        {
            case EndAt.Panel when end.Id is { } panel:
                AtPanel(to, id, run, side, panel);
                break;
            case EndAt.Load:
                AtLoad(to, id, run, side);
                break;
            case EndAt.Unknown:
                Unknown(to, id, run, side);
                break;
        }
    }

    /// <summary>An end nobody has followed: at its circuit's breaker when the known end says that power comes from there.</summary>
    private static void Unknown(JobPlan to, Id<Run> id, Run run, RunSide side)
    {
        var near = run.End(side == RunSide.A ? RunSide.B : RunSide.A);
        var comes = near.Feeds == Feeds.FeedsIn || (near.Feeds == Feeds.Protected && !FedOtherwise(to.Job, near, id));
        if (comes && Panel(to, run.Circuit) is { } panel)
        {
            to.Plan.Assume(
                AssumedCase.FromBreaker,
                ("cable", new Thing(ThingKind.Cable, Subjects.CableEnd(id, side == RunSide.A ? RunSide.B : RunSide.A))),
                ("circuit", Thing.Circuit(run.Circuit!.Value))
            );
            to.Plan.Taken.UnionWith(Ends(id, run, side));
            AtPanel(to, id, run, side, panel);
            return;
        }

        if (near.Feeds is Feeds.FeedsOn or Feeds.Protected && !comes)
        {
            to.Plan.Assume(AssumedCase.BringsNothingBack);
            return;
        }

        to.Plan.Unknown.AddRange(Ends(id, run, side));
    }

    /// <summary>True where another cable feeds the box: then one that is marked as protected goes on from it.</summary>
    private static bool FedOtherwise(Job job, RunEnd near, Id<Run> id) =>
        job.Boxes.Find(near.Box) is { } box
        && box.Leads.Values.Any(l =>
            l.Run is { } run
            && run != id
            && job.Runs.Find(run) is { } other
            && (
                other.End(l.Side).Feeds == Feeds.FeedsIn
                || other.End(l.Side == RunSide.A ? RunSide.B : RunSide.A).At is EndAt.Box or EndAt.Panel
            )
        );

    private static IEnumerable<string> Ends(Id<Run> id, Run run, RunSide side) =>
        Enumerable.Range(0, Count(run)).Select(i => Points.End(id, side, i));

    /// <summary>Something fixed at the end: between its hots where it has two, else between hot and neutral; its metal on the
    /// ground.</summary>
    private static void AtLoad(JobPlan to, Id<Run> id, Run run, RunSide side)
    {
        var nearSide = side == RunSide.A ? RunSide.B : RunSide.A;
        if (GroundIndex(run) is { } ground)
        {
            to.Contact(LinkKeys.Frame(id, side), Points.End(id, side, ground), Points.Frame(id, side));
        }

        var hots = new List<string>();
        string? neutral = null;
        for (var i = 0; i < run.Conductors.Count; i++)
        {
            var use = Uses.Seen(to.Job, id, run, i);
            if (use == ConductorUse.Neutral)
            {
                neutral ??= Points.End(id, side, i);
            }
            else if (use is not (ConductorUse.Ground or ConductorUse.IsolatedGround))
            {
                hots.Add(Points.End(id, side, i));
            }
        }

        var watts =
            run.End(nearSide) is { IsBox: true, Id: { } near }
            && to.Job.Boxes.Find(near)?.Fact(Subjects.CableEnd(id, nearSide), "far-load")
                is { How: not (Known.Unknown or Known.NotApplicable), Value: { } text }
                ? double.Parse(text, System.Globalization.CultureInfo.InvariantCulture)
                : (double?)null;
        if (watts is null)
        {
            to.Plan.Assume(AssumedCase.DrawsNothing, ("load", run.End(side).Says));
        }

        SupplyPlan.Load(to, LinkKeys.Load(id, side), hots, neutral, Panel(to, run.Circuit), watts ?? 0);
    }

    private static string? Panel(JobPlan to, Id<Circuit>? circuit) =>
        circuit is null ? null : to.Job.Panels.FirstOrDefault(p => p.Value.Breakers.Any(b => b.Circuit == circuit)).Key;

    private static void AtPanel(JobPlan to, Id<Run> id, Run run, RunSide side, string panelId)
    {
        if (!to.Job.Panels.TryFind(panelId, out var panel))
        {
            return;
        }

        var breakers = panel.Breakers.Where(b => b.Circuit is not null && b.Circuit == run.Circuit).ToList();
        var poles = breakers.SelectMany(b => Enumerable.Range(0, b.Poles).Select(p => Points.Pole(panelId, b.Key, p))).ToList();
        var watched = breakers.FirstOrDefault(b => SupplyPlan.Watches(to, b));
        var hot = 0;
        for (var i = 0; i < Count(run); i++)
        {
            var here = Points.End(id, side, i);
            // Between two poles, and where only a mark says that it lands here, a white is a hot when somebody saw it used as one.
            var seen = poles.Count > 1 || to.Plan.Taken.Contains(here);
            var use = seen ? Uses.Seen(to.Job, id, run, i) : Uses.Of(run, i);
            if (use == ConductorUse.Neutral)
            {
                to.Contact(
                    LinkKeys.Land(id, i),
                    here,
                    watched is not null ? Points.BreakerNeutral(panelId, watched.Key) : Points.NeutralBar(panelId)
                );
            }
            else if (use is ConductorUse.Ground or ConductorUse.IsolatedGround)
            {
                to.Contact(LinkKeys.Land(id, i), here, Points.GroundBar(panelId));
            }
            else if (poles.Count > 0)
            {
                to.Contact(LinkKeys.Land(id, i), here, poles[hot++ % poles.Count]);
            }
            else
            {
                to.Plan.Unknown.Add(here);
            }
        }
    }
}
