using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Measures;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Planning.Ways;

/// <summary>Ways to mend a cable that is hurt somewhere along it.</summary>
/// <remarks>A box with entries opposite takes from both ends what they want inside, 6 in and ¼ in of sheath each (300.14, 314.17), and what
/// is cut back, less its own width. From 2023 a spliced conductor may be shorter where it is reached (300.14, from memory): before, the
/// office is asked. A listed splice is for repair in an existing building, or exposed (334.40(B)).</remarks>
internal sealed class RepairWays(Job job, Wish wish, Stock stock)
{
    /// <summary>What is left of a lead that goes on in a tail: enough to splice with.</summary>
    private static readonly Length Stub = Length.Inches(1, 1, 2);
    private const string Kit = "splice-kit";
    private readonly Job job = job;
    private readonly FreshIds ids = new(job);

    private Id<Box> NewBox => ids.Box("repair-box");

    private Id<Run> Further => ids.Run("repair-on");

    public IReadOnlyList<WayDraft> All()
    {
        if (wish.Run is not { } id || job.Runs.Find(id) is not { } run || Hurt(run) is not { } hurt)
        {
            return [];
        }

        var kinds = IntoCable.Suited.Select(BoxKinds.Find).OfType<BoxKind>().Where(k => k.Width is not null).ToList();
        return
        [
            .. kinds.Select(k => Draft(Repair.OneBox, 30, c => OneBox(c with { Kind = k.Id }, run, hurt, k, false))),
            .. kinds.Take(1).Select(k => Draft(Repair.OneBoxWithTails, 35, c => OneBox(c with { Kind = k.Id }, run, hurt, k, true))),
            .. kinds.Take(2).Select(k => Draft(Repair.TwoBoxes, 60, c => TwoBoxes(c with { Kind = k.Id }, run, hurt, k))),
            Draft(Repair.ListedSplice, 20, c => Splice(c with { Kind = Kit }, run, hurt)),
            Draft(Repair.NewRun, 100, c => NewRun(c, run)),
        ];
    }

    private WayDraft Draft(Repair repair, decimal guess, Func<WayChoice, BuiltWay> build)
    {
        var known =
            repair is Repair.NewRun or Repair.TwoBoxes
            || Hurt(job.Runs[wish.Run!.Value]) is { SlackToA.OrNull: not null, SlackToB.OrNull: not null };
        var choice = new WayChoice
        {
            Repair = repair,
            Run = wish.Run,
            New = repair == Repair.NewRun ? (Id<Box>?)null : NewBox,
            Open = known ? [] : [WayOpen.Slack],
        };
        return new(choice, guess, _ => build(choice));
    }

    private RunHurt? Hurt(Run run) => run.Hurts.Find(wish.Hurt ?? "") ?? run.Hurts.Values.FirstOrDefault();

    private Length CutBack => Length.FromInches(WayBook.CutBack.Of(job.Practice));

    /// <summary>Slack a box of this width needs, both sides together.</summary>
    private Length Needs(Length width, bool tails)
    {
        var limits = LimitTable.For(job.Profile);
        var each = (tails ? Stub : limits.Inches("lead.free")) + limits.Inches("cable.sheath");
        return each + each + CutBack - width;
    }

    private BuiltWay OneBox(WayChoice choice, Run run, RunHurt hurt, BoxKind kind, bool tails)
    {
        if (tails && job.Profile.Edition < Edition.Nec2023)
        {
            return BuiltWay.No(Rejected.Of(choice, WayMiss.NotAllowed, ("ask", true)));
        }

        var needs = Needs(kind.Width!.Value, tails);
        if (hurt is { SlackToA.OrNull: { } a, SlackToB.OrNull: { } b } && a + b < needs)
        {
            return BuiltWay.No(Rejected.Of(choice, WayMiss.Slack, ("short", needs - a - b), ("needs", needs), ("has", a + b)));
        }

        return Boxed(choice, hurt, kind, NewBox, Further, wish.Run!.Value, new(job)) is { } building
            ? new(choice with { Along = null }, Mended(building).Done(), null)
            : BuiltWay.No(Rejected.Of(choice, WayMiss.Refused));
    }

    private BuiltWay TwoBoxes(WayChoice choice, Run run, RunHurt hurt, BoxKind kind)
    {
        var (second, middle) = (ids.Box("repair-box-b"), ids.Run("repair-on-b"));
        if (
            Boxed(choice, hurt, kind, NewBox, Further, wish.Run!.Value, new(job)) is not { } one
            || Boxed(choice, hurt, kind, second, middle, Further, one) is not { } two
        )
        {
            return BuiltWay.No(Rejected.Of(choice, WayMiss.Refused));
        }

        // The piece between is new cable: what both ends want, and what slack there is not.
        var missing = hurt is { SlackToA.OrNull: { } a, SlackToB.OrNull: { } b }
            ? Needs(kind.Width!.Value, false) - a - b
            : Needs(kind.Width!.Value, false);
        var between = missing > Length.Inches(12) ? missing : Length.Inches(12);
        var along = new Fact<Length>(Known.Estimated, between);
        return two.Do(new SetRun(Further, Length: along))
            ? new(choice with { Along = along }, Mended(two).Done(), null)
            : BuiltWay.No(Rejected.Of(choice, WayMiss.Refused));
    }

    private BuiltWay Splice(WayChoice choice, Run run, RunHurt hurt)
    {
        if (run.Type != CableType.NmB || run.Metal != Metal.Copper)
        {
            return BuiltWay.No(Rejected.Of(choice, WayMiss.NotAllowed));
        }

        var needs = Stub + Stub + CutBack;
        if (hurt is { SlackToA.OrNull: { } a, SlackToB.OrNull: { } b } && a + b < CutBack)
        {
            return BuiltWay.No(Rejected.Of(choice, WayMiss.Slack, ("short", CutBack - a - b), ("needs", needs), ("has", a + b)));
        }

        if (!stock.Has(new(PartSort.Box, Kit)))
        {
            return BuiltWay.No(Rejected.Of(choice, WayMiss.NoPart, ("part", new PartId(PartSort.Box, Kit))));
        }

        if (Boxed(choice, hurt, BoxKinds.Find(Kit)!, NewBox, Further, wish.Run!.Value, new(job)) is not { } building)
        {
            return BuiltWay.No(Rejected.Of(choice, WayMiss.Refused));
        }

        var box = building.Now.Boxes[NewBox];
        return building.Do([
            .. box.Joints.Select(j => new SetJoint(NewBox, j.Key, "listed-splice", j.Value.Name, j.Value.Space)),
            new NoteFact(NewBox, Subjects.Box, BoxFacts.Repair.Id, new Observation(Known.Marked, "yes")),
        ])
            ? new(choice, Mended(building).Done(), null)
            : BuiltWay.No(Rejected.Of(choice, WayMiss.Refused));
    }

    private BuiltWay NewRun(WayChoice choice, Run run)
    {
        var along = run.Length.IsKnown
            ? run.Length
            : new Fact<Length>(
                Known.Assumed,
                Length.FromInches(ElectricsBook.UnknownFeet.Of(job.Practice) * 12),
                By: ElectricsBook.UnknownFeet.Key
            );
        var building = Mended(new(job));
        return building.Do(new SetRun(wish.Run!.Value, Length: along))
            ? new(choice with { Along = along, Route = WayRoute.Inside }, building.Done(), null)
            : BuiltWay.No(Rejected.Of(choice, WayMiss.Refused));
    }

    /// <summary>The cable opened into a new box; null where it cannot be, or the box is not to be had.</summary>
    private Building? Boxed(WayChoice choice, RunHurt hurt, BoxKind kind, Id<Box> box, Id<Run> on, Id<Run> run, Building building)
    {
        var near = building.Now.Runs[run];
        var place = new Id<Box>?[] { near.A.Box, near.B.Box }
            .Select(b => building.Now.Boxes.Find(b)?.Place)
            .FirstOrDefault(p => p is not null);
        var ask = new IntoCableAsk(
            run,
            box,
            on,
            choice.Repair == Repair.ListedSplice ? "Splice" : "Repair box",
            wish.Place ?? place,
            hurt.Along
        );
        return stock.Has(new(PartSort.Box, kind.Id)) && building.Do(IntoCable.Edit(building.Now, ask, kind)) ? building : null;
    }

    /// <summary>What was hurt is cut out: no piece of the cable is hurt there any more.</summary>
    private Building Mended(Building building)
    {
        foreach (
            var (run, id) in building
                .Now.Runs.SelectMany(r => r.Value.Hurts.Ids.Where(h => Cuts(r.Key, h)).Select(h => (r.Key, h)))
                .ToList()
        )
        {
            building.Do(new MendRun(run, id));
        }

        return building;
    }

    private bool Cuts(Id<Run> run, string hurt) =>
        job.Runs.Find(wish.Run)?.Hurts.Has(hurt) == true
        && (run == wish.Run || !job.Runs.Has(run))
        && (wish.Hurt is null || hurt == wish.Hurt);
}
