using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Fill;
using JollyBarn.Inspection;
using JollyBarn.Measures;
using JollyBarn.Planning.Remedies;
using JollyBarn.Terms;
using JollyBarn.Walls;
using JollyBarn.Wiring;

namespace JollyBarn.Planning.Ways;

/// <summary>One way to an outlet more, as edits.</summary>
internal sealed class OutletBuild(Job job, Wish wish, Stock stock, FreshIds ids, string place, string device, bool outdoors)
{
    private readonly Id<Box> fresh = ids.Box("new-outlet");
    private readonly Id<Run> run = ids.Run("new-cable");
    private readonly Job job = job;
    private readonly Building building = new(job);

    public BuiltWay Build(WayChoice choice)
    {
        choice = choice with { New = fresh, Run = run };
        if (choice.Panel is not null && choice.Slot is null)
        {
            return BuiltWay.No(Rejected.Of(choice, WayMiss.NoSlot, ("panel", Thing.Panel(choice.Panel))));
        }

        if ((choice.From is { } from ? TakeFrom(choice, from) : FromPanel(choice)) is { } miss)
        {
            return BuiltWay.No(miss);
        }

        if (Room(ref choice) is { } full)
        {
            return BuiltWay.No(full);
        }

        if (choice is { From: { } tapped, Room: not MakeRoom.AsIs })
        {
            Due.Mend(building, job, [tapped]);
        }

        return End(choice);
    }

    /// <summary>A cable out of a box, joined to what is there.</summary>
    private Rejected? TakeFrom(WayChoice choice, Id<Box> from)
    {
        if (job.Boxes[from].Kind == BoxKinds.NoBox)
        {
            return Rejected.Of(choice, WayMiss.Tap, ("tap", TapMiss.NoBox), ("box", new Thing(ThingKind.Box, from)));
        }

        var look = new BoxLook(job, from, job.Boxes[from]);
        var feed = look.Cables.OrderByDescending(c => c.Run.End(c.Side).Feeds == Feeds.FeedsIn).ThenBy(c => c.RunId).FirstOrDefault()?.Run;
        var amperes = feed?.Circuit is { } circuit ? look.BreakerOf(circuit)?.Amperes : null;
        var gauge = amperes is { } a ? RemedyAsk.OfBox(job, from).Thinnest(a) ?? feed?.Gauge : feed?.Gauge;
        if (gauge is null)
        {
            return Rejected.Of(choice, WayMiss.Tap, ("tap", TapMiss.NoHot), ("box", new Thing(ThingKind.Box, from)));
        }

        var load = choice.Shield is Shield.LoadSide or Shield.AtSource;
        if (choice.Shield == Shield.AtSource && !AtSource(from))
        {
            return Rejected.Of(choice, WayMiss.Refused);
        }

        var cable = new AddCable(
            from,
            run,
            Ids.Free("to-new", e => job.Boxes[from].Entries.Has(e)),
            Spec(choice.Route!.Value, gauge.Value),
            EntrySide.Bottom,
            Says: "on to the new outlet",
            Feeds: load ? Feeds.Protected : Feeds.FeedsOn
        );
        if (!building.Do(cable, new SetRun(run, Length: choice.Along, Circuit: feed!.Circuit)))
        {
            return Rejected.Of(choice, WayMiss.Refused);
        }

        var (joined, miss) = Tap.Into(building.Now, from, run, RunSide.A, load);
        return miss is { } why ? Rejected.Of(choice, WayMiss.Tap, ("tap", why), ("box", new Thing(ThingKind.Box, from)))
            : building.Do(joined) ? null
            : Rejected.Of(choice, WayMiss.Refused);
    }

    /// <summary>A protective receptacle in the place of the plain one.</summary>
    private bool AtSource(Id<Box> from)
    {
        var plain = building.Now.Boxes[from].Devices.First(d => d.Value.Kind == "receptacle").Key;
        var finding = new Finding("gfci", plain, Verdict.Fix, "", Details.None, []);
        var ask = RemedyAsk.OfBox(building.Now, from) with { Finding = finding };
        var swap = new ProtectIt().For(ask).FirstOrDefault(r => r.Case == nameof(ProtectIt.Case.Protective));
        return swap is not null && building.Do(swap.Edit);
    }

    private Rejected? FromPanel(WayChoice choice)
    {
        var (panel, slot) = (choice.Panel!, choice.Slot!.Value);
        Id<Circuit> circuit = ids.Circuit("new-circuit");
        var held = job.Panels[panel];
        const decimal Amperes = 20;
        var breaker = new Breaker(slot, 1, Amperes, BreakerKind.Standard, circuit, wish.Name ?? "new outlet");
        return building.Do(
            new PutCircuit(circuit, new(wish.Name ?? "New outlet", panel)),
            new PutPanel(panel, held with { Breakers = [.. held.Breakers, breaker] })
        )
            ? null
            : Rejected.Of(choice, WayMiss.Refused);
    }

    /// <summary>Room where power is taken: as it is, or made.</summary>
    private Rejected? Room(ref WayChoice choice)
    {
        if (choice.From is not { } from)
        {
            return null;
        }

        var fill = Filled(building.Now, from);
        if (choice.Room == MakeRoom.AsIs || fill.Fit != Fit.Over)
        {
            return fill.Fit == Fit.Over
                ? Rejected.Of(choice, WayMiss.Over, ("box", new Thing(ThingKind.Box, from)), ("left", fill.Left.High ?? fill.Left.Low))
                : null;
        }

        var (box, ask) = (building.Now.Boxes[from], RemedyAsk.OfBox(building.Now, from));
        if (choice.Room == MakeRoom.JointsAside)
        {
            var aside = new JointsAside().For(ask).FirstOrDefault(r => r.Edit.Check(building.Now) is null);
            return aside is not null && building.Do(aside.Edit) && Filled(building.Now, from).Fit != Fit.Over
                ? null
                : Rejected.Of(choice, WayMiss.Over, ("box", new Thing(ThingKind.Box, from)), ("left", fill.Left.High ?? fill.Left.Low));
        }

        var question = InsteadQuestion.Ask(box, ask.Look.Input, ask.Look.Right with { Closed = wish.Closed ?? true });
        var answer = Instead.Find(question, building.Now.Profile, building.Now.Practice);
        foreach (var option in answer.Options)
        {
            if (Missing(option) is { } part)
            {
                continue;
            }

            if (building.Do(AnotherBox.Edit(from, box, option)) && Filled(building.Now, from).Fit != Fit.Over)
            {
                choice = choice with { Instead = option };
                return null;
            }
        }

        return answer.Options.Select(Missing).FirstOrDefault(m => m is not null) is { } none
            ? Rejected.Of(choice, WayMiss.NoPart, ("part", none))
            : Rejected.Of(
                choice,
                WayMiss.Over,
                ("box", new Thing(ThingKind.Box, from)),
                ("left", answer.NextSmaller?.Left ?? fill.Left.High ?? fill.Left.Low)
            );
    }

    /// <summary>The first part of it that is not to be had.</summary>
    private PartId? Missing(InsteadOption option) => PartsOf.Of(option).FirstOrNull(p => !stock.Has(p));

    /// <summary>The far end: the smallest box of the right kind that holds it, its device, and everything landed.</summary>
    private BuiltWay End(WayChoice choice)
    {
        Rejected? last = null;
        var here = choice.Shield == Shield.Here ? "protective" : device;
        foreach (var kind in Kinds(choice.Route!.Value))
        {
            if (!stock.Has(new(PartSort.Box, kind.Id)))
            {
                last = Rejected.Of(choice with { Kind = kind.Id }, WayMiss.NoPart, ("part", new PartId(PartSort.Box, kind.Id)));
                continue;
            }

            var mark = building.Mark;
            var one = choice with { Kind = kind.Id, Held = Hold(choice.Route.Value, kind) };
            if (Put(one, kind, here) && Filled(building.Now, fresh) is var fill && fill.Fit != Fit.Over)
            {
                var notes = choice.Route == WayRoute.Surface ? [] : Cut();
                if (notes.FirstOrDefault(n => n.Weight == CutWeight.Stop) is not { } stop)
                {
                    var look = notes.Any(n => n.Weight == CutWeight.Ask);
                    return new(look ? one with { Open = [.. one.Open, WayOpen.Wall] } : one, building.Done(), null);
                }

                last = Rejected.Of(one, WayMiss.CutStops, ("note", stop), ("wall", wish.Wall));
            }
            else if (building.Now.Boxes.Has(fresh))
            {
                last = Rejected.Of(
                    one,
                    WayMiss.Over,
                    ("box", new Thing(ThingKind.BoxKind, kind.Id)),
                    ("left", Filled(building.Now, fresh).Left is var left ? left.High ?? left.Low : default)
                );
            }

            building.Back(mark);
        }

        return BuiltWay.No(last ?? Rejected.Of(choice, WayMiss.Refused));
    }

    /// <summary>What the hole of the new box meets, where it is known where it is cut.</summary>
    private IReadOnlyList<CutNote> Cut() =>
        WallPlan.Of(building.Now, wish.Wall) is { } plan && plan.Box(fresh) is { } at && CutLook.Of(plan, at, building.Now, true) is { } cut
            ? cut.Notes
            : [];

    private bool Put(WayChoice choice, BoxKind kind, string here)
    {
        var name = wish.Name ?? "New outlet";
        List<Edit> more =
        [
            new AddBox(fresh, name, kind.Id, place.Length > 0 ? place : null, Contents: Contents.Complete),
            new SetClamps(fresh, Fact<ClampStyle>.Marked(kind.Clamps)),
        ];
        more.AddRange(
            choice.Panel is null
                ? [new ConnectRun(fresh, run, RunSide.B, "in", Says: "from where power is taken", Feeds: Feeds.FeedsIn)]
                :
                [
                    new AddCable(fresh, run, "in", Spec(choice.Route!.Value, Gauge.Awg(12)), Says: "from the panel", Feeds: Feeds.FeedsIn),
                    new EndAtPanel(run, RunSide.B, choice.Panel),
                    new SetRun(run, Length: choice.Along, Circuit: building.Now.Panels[choice.Panel].Breakers[^1].Circuit),
                ]
        );
        if (wish is { Wall: { } wall, Spot: { } spot })
        {
            more.Add(new SetBoxWall(fresh, wall, spot));
        }

        more.Add(new AddDevice(fresh, "outlet", here));
        more.AddRange(Bought.With(fresh, "outlet", here, outdoors));
        if (!building.Do(more))
        {
            return false;
        }

        return UsualMakes.Find(building.Now, fresh, building.Now.Boxes[fresh], "make") is [var make, ..]
            && building.Do([.. make.Places.Select(p => p.Edit)]);
    }

    private HeldBy Hold(WayRoute route, BoxKind kind) =>
        route == WayRoute.Surface || kind.Mounted == Mounted.Surface ? HeldBy.Surface
        : !kind.OldWork ? HeldBy.Stud
        : wish.Stud == true && job.Practice.Says(PracticeBook.OldWork, "stud") ? HeldBy.Stud
        : HeldBy.Ears;

    /// <summary>Kinds that suit where the new outlet stands, the smallest first.</summary>
    private IEnumerable<BoxKind> Kinds(WayRoute route) =>
        BoxKinds
            .All.Where(k =>
                k is { Gangs: 1, Volume: not null }
                && (
                    outdoors ? k.Shape == BoxShape.Weatherproof
                    : route == WayRoute.Surface ? k.Shape == BoxShape.Utility
                    : wish.Closed == false ? k is { OldWork: false, Shape: BoxShape.Device, Material: BoxMaterial.Nonmetallic }
                    : k is { OldWork: true, Shape: BoxShape.Device }
                )
            )
            .OrderBy(k => k.Volume!.Value.CubicInches)
            .ThenBy(k => k.PriceClass)
            .ThenBy(k => k.Id, StringComparer.Ordinal);

    private CableSpec Spec(WayRoute route, Gauge gauge) =>
        route switch
        {
            WayRoute.Surface => new(CableType.Raceway, 2, GroundKind.Insulated, gauge),
            WayRoute.Outside => Buried(gauge),
            _ when outdoors => Buried(gauge),
            _ => new(CableType.NmB, 2, GroundKind.Bare, gauge),
        };

    private static CableSpec Buried(Gauge gauge) => new(CableType.UfB, 2, GroundKind.Bare, gauge);

    internal static FillAnswer Filled(Job job, Id<Box> id) =>
        BoxFill.Evaluate(FillOfBox.Read(job.Boxes[id], job.Profile), job.Profile, job.Practice);
}
