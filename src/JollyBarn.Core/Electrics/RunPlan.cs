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

    /// <summary>Number of the conductor that is the ground, after the insulated ones; null without one.</summary>
    public static int? GroundIndex(Run run) => run.Ground is GroundKind.Bare or GroundKind.Insulated ? run.Conductors.Count : null;

    private static void Conductors(JobPlan to, Id<Run> id, Run run)
    {
        var feet = run.Length.OrNull is { } length ? (double)length.InInches / 12 : to.Set(ElectricsBook.UnknownFeet);
        if (run.Length.OrNull is null)
        {
            to.Plan.Assume(AssumedCase.RunLength, ("feet", feet));
        }

        var count = run.Conductors.Count + (GroundIndex(run) is null ? 0 : 1);
        for (var i = 0; i < count; i++)
        {
            var gauge = (i < run.Conductors.Count ? run.Conductors[i].Gauge : run.GroundGauge) ?? run.Gauge ?? Usual;
            to.Plan.Join(
                LinkKeys.Wire(id, i),
                Points.End(id, RunSide.A, i),
                Points.End(id, RunSide.B, i),
                Copper.Ohms(gauge, feet, to.Now.Celsius, run.Metal),
                LinkKind.Wire
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
        if (near.Feeds == Feeds.FeedsIn && Panel(to, run.Circuit) is { } panel)
        {
            to.Plan.Assume(
                AssumedCase.FromBreaker,
                ("cable", new Thing(ThingKind.Cable, Subjects.CableEnd(id, side == RunSide.A ? RunSide.B : RunSide.A))),
                ("circuit", Thing.Circuit(run.Circuit!.Value))
            );
            AtPanel(to, id, run, side, panel);
            return;
        }

        if (near.Feeds is Feeds.FeedsOn or Feeds.Protected)
        {
            to.Plan.Assume(AssumedCase.BringsNothingBack);
            return;
        }

        for (var i = 0; i < run.Conductors.Count + (GroundIndex(run) is null ? 0 : 1); i++)
        {
            to.Plan.Unknown.Add(Points.End(id, side, i));
        }
    }

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
        for (var i = 0; i < run.Conductors.Count; i++)
        {
            var here = Points.End(id, side, i);
            // Between two poles a white is a hot when somebody saw it used as one.
            var use = poles.Count > 1 ? Uses.Seen(to.Job, id, run, i) : Uses.Of(run.Conductors[i]);
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

        if (GroundIndex(run) is { } ground)
        {
            to.Contact(LinkKeys.Land(id, ground), Points.End(id, side, ground), Points.GroundBar(panelId));
        }
    }
}
