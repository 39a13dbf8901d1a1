using JollyBarn.CodeBook;
using JollyBarn.Edits;
using JollyBarn.Fill;
using JollyBarn.Inspection;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Planning.Ways;

/// <summary>Another device beside what a box holds: a box with a gang more in its place.</summary>
internal static class EnlargeWays
{
    private const string Added = "added";

    public static IReadOnlyList<WayDraft> For(Job job, Wish wish, Stock stock)
    {
        if (job.Boxes.Find(wish.Box) is not { } box || wish.Box is not { } id)
        {
            return [];
        }

        var kind = wish.Device ?? "receptacle";
        var gangs = box.Devices.Values.Sum(d => DeviceKinds.Find(d.Kind)?.GangsWide ?? 1) + (DeviceKinds.Find(kind)?.GangsWide ?? 1);
        var look = new BoxLook(job, id, box);
        var minutes = WayBook.Replace.Of(job.Practice) + WayBook.Device.Of(job.Practice);
        var closed = wish.Closed ?? true;
        return
        [
            .. BoxKinds
                .All.Where(k =>
                    k.Gangs == gangs && k is { Volume: not null, Shape: BoxShape.Device } && look.Right.Takes(k) && k.OldWork == closed
                )
                .OrderBy(k => k.PriceClass)
                .ThenBy(k => k.Volume!.Value.CubicInches)
                .Select(k => new WayChoice
                {
                    From = id,
                    Kind = k.Id,
                    Room = MakeRoom.Another,
                    Held = !k.OldWork || (wish.Stud == true && job.Practice.Says(PracticeBook.OldWork, "stud")) ? HeldBy.Stud : HeldBy.Ears,
                })
                .Select(choice => new WayDraft(choice, minutes * WayBook.Rate.Of(job.Practice) / 60, before =>
                    Build(before, choice, id, kind, stock)
                )),
        ];
    }

    private static BuiltWay Build(Job job, WayChoice choice, Id<Box> id, string kind, Stock stock)
    {
        if (!stock.Has(new(PartSort.Box, choice.Kind!)))
        {
            return BuiltWay.No(Rejected.Of(choice, WayMiss.NoPart, ("part", new PartId(PartSort.Box, choice.Kind!))));
        }

        var box = job.Boxes[id];
        var building = new Building(job);
        Id<Device> device = Ids.Free(Added, d => box.Devices.Has(d));
        if (
            !building.Do([
                new SetBoxKind(id, choice.Kind!),
                .. box.Parts.Ids.Select(p => new RemovePart(id, p)),
                new SetClamps(id, Fact<ClampStyle>.Marked(BoxKinds.Find(choice.Kind)!.Clamps)),
                new AddDevice(id, device, kind),
            ])
        )
        {
            return BuiltWay.No(Rejected.Of(choice, WayMiss.Refused));
        }

        building.Do(Bought.With(job, id, device, kind));
        var (fed, miss) = Tap.Feed(building.Now, id, device);
        if (miss is { } why)
        {
            return BuiltWay.No(Rejected.Of(choice, WayMiss.Tap, ("tap", why), ("box", new Thing(ThingKind.Box, id))));
        }

        return !building.Do(fed) ? BuiltWay.No(Rejected.Of(choice, WayMiss.Refused))
            : OutletBuild.Filled(building.Now, id) is { Fit: Fit.Over } full
                ? BuiltWay.No(
                    Rejected.Of(
                        choice,
                        WayMiss.Over,
                        ("box", new Thing(ThingKind.BoxKind, choice.Kind!)),
                        ("left", full.Left.High ?? full.Left.Low)
                    )
                )
            : new(choice, building.Done(), null);
    }
}
