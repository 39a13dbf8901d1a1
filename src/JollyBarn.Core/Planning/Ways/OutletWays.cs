using JollyBarn.CodeBook;
using JollyBarn.Measures;
using JollyBarn.Terms;
using JollyBarn.Walls;
using JollyBarn.Wiring;

namespace JollyBarn.Planning.Ways;

/// <summary>Ways to an outlet more: where power is taken × how it is protected × how the cable goes × what it ends in × what makes room
/// where it comes from.</summary>
internal sealed class OutletWays(Job job, Wish wish, Stock stock)
{
    /// <summary>So many of the nearest boxes are looked at.</summary>
    private const int MostSources = 12;

    private readonly FreshIds ids = new(job);
    private readonly string place = wish.Place ?? job.Boxes.Find(wish.Box)?.Place ?? "";
    private readonly string device = wish.Device ?? "receptacle";
    private readonly WallPlan? plan = WallPlan.Of(job, wish.Wall);

    /// <summary>Every way worth building, with what it likely costs; and sources nobody has opened.</summary>
    public (IReadOnlyList<WayDraft> Drafts, IReadOnlyList<Rejected> Rejected) All()
    {
        var near = Sources().Take(MostSources).ToList();
        var drafts = new List<WayDraft>();
        foreach (var (id, along) in near.Where(s => job.Boxes[s.Box].Contents != Contents.NotOpened))
        {
            foreach (var route in Routes(along))
            {
                foreach (var shield in Shields(id))
                {
                    drafts.Add(
                        Draft(
                            new()
                            {
                                From = id,
                                Shield = shield,
                                Route = route,
                                Along = Longer(along, route),
                                AlongWall = route == WayRoute.Inside ? AlongWall(id) : null,
                            }
                        )
                    );
                }
            }
        }

        foreach (var (panel, of) in job.Panels)
        {
            foreach (var route in Routes(Guess(WayBook.ToPanel)).Where(r => r != WayRoute.Surface || job.Panels[panel].Place == place))
            {
                var slot = of.FreeSlots.Count > 0 ? of.FreeSlots[0] : (int?)null;
                drafts.AddRange(
                    new[] { Shield.None, Shield.Here }
                        .Where(s => s == Shield.None || device == "receptacle")
                        .Select(s =>
                            Draft(
                                new()
                                {
                                    Panel = panel,
                                    Slot = slot,
                                    Shield = s,
                                    Route = route,
                                    Along = Longer(Guess(WayBook.ToPanel), route),
                                }
                            )
                        )
                );
            }
        }

        return (
            [.. drafts.OrderBy(d => d.Guess)],
            [
                .. near.Where(s => job.Boxes[s.Box].Contents == Contents.NotOpened)
                    .Select(s =>
                        Rejected.Of(new() { From = s.Box, Along = s.Along }, WayMiss.NotOpened, ("box", new Thing(ThingKind.Box, s.Box)))
                    ),
            ]
        );
    }

    /// <summary>Boxes power may be taken from, the nearest first: by what was measured, else the same box, its room, other rooms.</summary>
    private IEnumerable<(Id<Box> Box, Fact<Length> Along)> Sources() =>
        job
            .Boxes.Where(b => !b.Value.Binned && b.Value.Leads.Count + b.Value.Entries.Count > 0 || b.Key == wish.Box)
            .Select(b => (Box: b.Key, Along: Away(b.Key, b.Value)))
            .OrderBy(b => b.Along.Value)
            .ThenBy(b => b.Box != wish.Box)
            .ThenBy(b => job.Boxes[b.Box].Contents)
            .ThenBy(b => b.Box);

    private Fact<Length> Away(Id<Box> id, Box box) =>
        wish.Away?.TryGetValue(id.Text, out var measured) == true ? new(Known.Measured, measured)
        : AlongWall(id) is { Stopped.Count: 0 } wall ? new(wall.Sure ? Known.Measured : Known.Estimated, wall.Way, By: wish.Wall)
        : id == wish.Box ? new(Known.Assumed, Length.FromUnits(Feet(WayBook.SameRoom).Units / 2), By: WayBook.SameRoom.Key)
        : box.Place == place || box.Place == job.Boxes.Find(wish.Box)?.Place ? Guess(WayBook.SameRoom)
        : Guess(WayBook.OtherRoom);

    /// <summary>The way along the wall the outlet is wanted on, from a box that is on it too.</summary>
    private WallWay? AlongWall(Id<Box> id) =>
        wish.Spot is { } spot && plan is not null && plan.Box(id) is { } from
            ? WallWay.Between(plan, from.At, plan.Place(spot, (WallBook.BoxWidth(1), WallBook.BoxHeight)))
            : null;

    private Fact<Length> Guess(Assumption feet) => new(Known.Assumed, Feet(feet), By: feet.Key);

    private Length Feet(Assumption feet) => Length.FromInches(feet.Of(job.Practice) * 12);

    private Fact<Length> Longer(Fact<Length> along, WayRoute route) =>
        route == WayRoute.UnderFloor && along.How == Known.Assumed ? along with { Value = along.Value + Feet(WayBook.DownAndUp) } : along;

    private IEnumerable<WayRoute> Routes(Fact<Length> along)
    {
        if (Outdoors)
        {
            // Through the wall where it is near, else along outside.
            yield return along.Value <= Feet(WayBook.SameRoom) ? WayRoute.Inside : WayRoute.Outside;
            yield break;
        }

        yield return WayRoute.Inside;
        yield return WayRoute.Surface;
        if (wish.Under != false)
        {
            yield return WayRoute.UnderFloor;
        }
    }

    private bool Outdoors => Bought.Outdoors(job, place);

    private IEnumerable<Shield> Shields(Id<Box> id)
    {
        yield return Shield.None;
        if (device != "receptacle")
        {
            yield break;
        }

        yield return Shield.Here;
        var there = job.Boxes[id].Devices.Values.Select(d => DeviceKinds.Find(d.Kind)).OfType<DeviceKind>().ToList();
        if (there.Exists(k => k.Protects && k.Has(TerminalRole.LoadHot)))
        {
            yield return Shield.LoadSide;
        }
        else if (there is [{ Id: "receptacle" }])
        {
            yield return Shield.AtSource;
        }
    }

    /// <summary>Where the box that power is taken from is too full as it is: what would make room in it.</summary>
    public IEnumerable<WayDraft> More(Rejected rejected) =>
        rejected is { Why: WayMiss.Over, Choice: { Room: MakeRoom.AsIs, From: { } from } choice }
        && rejected.Details["box"] is Thing { Kind: ThingKind.Box } full
        && full.Id == from.Text
            ? new[] { MakeRoom.Another, MakeRoom.JointsAside }.Select(room => Draft(choice with { Room = room }))
            : [];

    private WayDraft Draft(WayChoice choice)
    {
        var feet = choice.Along!.Value!.Value.InInches / 12;
        var minutes =
            feet * Per(choice.Route!.Value).Of(job.Practice)
            + (choice.Panel is null ? 0 : WayBook.Breaker.Of(job.Practice))
            + (choice.Shield is Shield.AtSource ? WayBook.Device.Of(job.Practice) : 0)
            + (choice.Room == MakeRoom.AsIs ? 0 : WayBook.Replace.Of(job.Practice) * (choice.Room == MakeRoom.Another ? 1 : 2));
        var looked = Open(choice).ToList();
        choice = choice with { Open = looked };
        var guess = (minutes * WayBook.Rate.Of(job.Practice) / 60) + (choice.Shield is Shield.Here or Shield.AtSource ? 20 : 0);
        return new(choice, guess, before => new OutletBuild(before, wish, stock, ids, place, device, Outdoors).Build(choice));
    }

    private IEnumerable<WayOpen> Open(WayChoice choice)
    {
        if (choice.Route == WayRoute.UnderFloor && wish.Under is null)
        {
            yield return WayOpen.Under;
        }

        if (choice.Along is not { How: Known.Measured })
        {
            yield return WayOpen.Length;
        }
    }

    /// <summary>Minutes a foot.</summary>
    internal static Assumption Per(WayRoute route) =>
        route switch
        {
            WayRoute.Inside => WayBook.FishFoot,
            WayRoute.Surface => WayBook.SurfaceFoot,
            WayRoute.UnderFloor => WayBook.UnderFoot,
            _ => WayBook.OutsideFoot,
        };
}
